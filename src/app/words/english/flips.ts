import { messages } from '../messages';

export const flipsWords = messages('flips', {
  itFermentsDryingDoesNot: 'It ferments: drying does not undo that.',
  gelledHeatherDoesNotDry: 'Gelled heather does not dry as other honey does.',
  setHoneyDoesNotDry: 'Set honey does not dry; liquefy it gently first.',
  inTheWarmRoomWhile:
    'In the warm room while in the comb, else in a drying tank; measure again afterwards.',
  fermentingHoneyWouldSpoilWhat: 'Fermenting honey would spoil what it is blended with.',
  noDrierHoneyOfIts: 'No drier honey of its kind is in the store.',
  theDrierHoneyInThe: 'The drier honey in the store does not bring it to {to}.',
  withDrierHoneyFromThe:
    'With drier honey from the store: about {share} parts in 100 of {moisturePercent} bring the mean to {to}; plan it with the guard band under Store, Blend.',
  fermentedHoneyHarmsBees: 'Fermented honey harms bees.',
  hmfMayBeUpTo: 'HMF may be up to {hmf} mg/kg: overheated honey harms bees.',
  aHiveItCameFrom:
    'A hive it came from is marked as suspect: feeding it back can spread foulbrood.',
  toItsOwnHealthyColony: 'To its own healthy colony, without robbing.',
  honeyOfADiseasedColony: 'Honey of a diseased colony spreads foulbrood.',
  theHealthOfItsColonies:
    'The health of its colonies is not known: feeding it back can spread foulbrood.',
  knowsNoBakersHoney: '{name} knows no baker’s honey.',
  upToThisRuleSet: 'Up to {limit} this rule set knows it, labelled for cooking only.',
  overTheLimitOfBakers: 'Over {limit}, the limit of baker’s honey in this rule set.',
  inTheOwnKitchenHeated: 'In the own kitchen, heated at once in an open pot.',
  underWayAlreadyInA: 'Under way already: in a vessel with an airlock, never closed.',
  meadAndVinegarTakeWet: 'Mead and vinegar take wet honey.',
  blockedForEveryUse: '{block}: blocked for every use.',
  itMayHoldSyrupNot: 'It may hold syrup: not honey.',
  reject: 'reject',
  divert: 'divert',
  overTheLimit: 'over the limit',
  dryFirst: 'dry first',
  blend: 'blend',
  notSettled: 'not settled',
  legalAboveYourTarget: 'legal, above your target',
  acceptWithConditions: 'accept, with conditions',
  takeItOnTrustOf: 'take it on trust of the comb',
  accept: 'accept',
  combStillOnTheHive:
    'Comb still on the hive, taken on {freeFromDay} or later, after the waiting time of {product}',
  hmfOfMgKgOr: 'HMF of {value} mg/kg or less from a laboratory',
  theNectarClearedByA: 'The nectar cleared by a laboratory or the advisory service',
  smeltAndTastedByTwo: 'Smelt and tasted by two, and found clean',
  smeltAndTastedAndFound: 'Smelt and tasted, and found tainted',
  dropsAtTheShakeTest: 'Drops at the shake test',
  aShakeTestAtWhich: 'A shake test at which nothing falls',
  tenthsCappedInsteadOf:
    '{tenths, plural, one {# tenth} other {# tenths}} capped instead of {before}',
  atAMeanOfOr:
    'At a mean of {to} or {side, select, drier {drier} other {wetter}}, measured the same way: {outcome}.',
  ofTheSameMean:
    '{times, plural, one {# more reading} other {# more readings}} of the same mean: {outcome}.',
  aZeroCheckThatFinds: 'A zero check that finds the meter right, and {sentence}.',
  aReadingOfEachOf:
    '{untested, plural, one {A reading of the untested vessel} other {A reading of each of the # untested vessels}}, of the same mean',
  aZeroCheckThatFindsThe: 'A zero check that finds the meter right',
  whileStillInTheComb:
    'While still in the comb, about {days, plural, one {# day} other {# days}} in a warm room at {temperature} and {humidity} humidity, coarsely: {outcome}.',
  without: 'Without {vessels}',
  noNumberOfFurtherReadings:
    'No number of further readings with this meter settles it: what it may be off by is larger than the room left.',
  aSacrificedPieceSays: 'a sacrificed piece says {mean} ± {standardUncertainty}',
  cappedAndWholeWithin: 'Capped and whole; {said}, within {limit}.',
  cappedAndWholeButOver:
    'Capped and whole, but {said}, over {limit}: dry the pieces, or extract them.',
  cappedAndWholeButNot:
    'Capped and whole, but {said}, not settled against {limit}: sacrifice another.',
  sacrificedItStandsForThe: 'Sacrificed: {mean}; it stands for the others.',
  theLotShowsSignsOf: 'The lot shows signs of fermentation.',
  pollenBroodOrLarvaeIn:
    'Pollen, brood or larvae in it: not sold as comb; cut that part away, or extract it.',
  itWeeps: 'It weeps',
  onlyCappedOnItsWorse: 'Only {capped} capped on its worse side',
  notSoldAsCombExtract: '{why}: not sold as comb; extract it with the rest.',
  cappedAndWholeMoistureUntested:
    'Capped and whole; moisture untested: say so, and no statement of conformity.',
  change: '{words}: {outcome}.',
});
