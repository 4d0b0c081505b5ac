import { messages } from '../messages';

export const flipsWords = messages('flips', {
  itFermentsDryingDoesNot: 'It ferments: drying does not undo that.',
  gelledHeatherDoesNotDry: 'Gelled heather does not dry like other honey.',
  setHoneyDoesNotDry: 'Set honey does not dry; liquefy it gently first.',
  inTheWarmRoomWhile:
    'In the warm room while in the comb, otherwise in a drying tank; measure again afterwards.',
  fermentingHoneyWouldSpoilWhat: 'Fermenting honey would spoil what it is blended with.',
  thereIsNoDrierHoney: 'There is no drier honey of its kind in store.',
  theDrierHoneyInStore: 'The drier honey in store cannot bring it down to {to}.',
  withAboutDrierHoneyFrom:
    'With about {share} % drier honey from your store, at {moisturePercent}, the mean comes to {to}; plan it with a guard band under Store, Blend.',
  fermentedHoneyHarmsBees: 'Fermented honey harms bees.',
  hmfMayBeUpTo: 'HMF may be up to {hmf} mg/kg: overheated honey harms bees.',
  aHiveItCameFrom:
    'A hive it came from is marked as suspect: feeding it back can spread foulbrood.',
  toItsOwnHealthyColony: 'To its own healthy colony, without robbing.',
  honeyOfADiseasedColony: 'Honey of a diseased colony spreads foulbrood.',
  theHealthOfItsColonies:
    'The health of its colonies is not known: feeding it back can spread foulbrood.',
  hasNoBakersGrade: '{name} has no baker’s grade.',
  thisRuleSetAllowsIt: 'This rule set allows it up to {limit}, labelled for cooking only.',
  overTheLimitOfBakers: 'Over {limit}, the limit of baker’s honey in this rule set.',
  inYourOwnKitchenHeated: 'In your own kitchen, heated at once in an open pot.',
  alreadyUnderWayInA: 'Already under way: in a container with an airlock, never closed.',
  meadAndVinegarTakeWet: 'Mead and vinegar take wet honey.',
  blockedForEveryUse: '{block}: blocked for every use.',
  itMayContainSyrupSo: 'It may contain syrup, so it is not honey.',
  blocked: 'blocked',
  doNotJarOrSell: 'do not jar or sell',
  overTheLimit: 'over the limit',
  dryFirst: 'dry first',
  blend: 'blend',
  notSettled: 'not settled',
  legalAboveYourTarget: 'legal, above your target',
  acceptWithConditions: 'accept, with conditions',
  acceptOnItsCapping: 'accept on its capping',
  accept: 'accept',
  combStillOnTheHive:
    'Comb still on the hive, if taken on {freeFromDay} or later, after the waiting time of {product}',
  aLaboratoryFindingHmfOf: 'A laboratory finding HMF of {value} mg/kg or less',
  theNectarBeingClearedBy: 'The nectar being cleared by a laboratory or the advisory service',
  twoPeopleSmellingAndTasting: 'Two people smelling and tasting it and finding it clean',
  tastingItAndFindingIt: 'Tasting it and finding it tainted',
  aShakeTestInWhich: 'A shake test in which drops fall',
  aShakeTestInWhichNothing: 'A shake test in which nothing falls',
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
    'While still in the comb, roughly {days, plural, one {# day} other {# days}} in a warm room at {temperature} and {humidity} humidity: {outcome}.',
  without: 'Without {vessels}',
  noNumberOfFurtherReadings:
    'No number of further readings with this meter will settle it: its own error may be larger than the margin left.',
  aSacrificedPieceSays: 'a sacrificed piece says {mean} ± {standardUncertainty}',
  cappedAndWholeWithin: 'Capped and whole; {said}, within {limit}.',
  cappedAndWholeButOver:
    'Capped and whole, but {said}, over {limit}: dry the pieces or extract them.',
  cappedAndWholeButNot:
    'Capped and whole, but {said}, not settled against {limit}: sacrifice another.',
  sacrificedItStandsForThe: 'Sacrificed: {mean}; it stands for the others.',
  theLotShowsSignsOf: 'The lot shows signs of fermentation.',
  containsPollenBroodOrLarvae:
    'Contains pollen, brood or larvae: not for sale as comb. Cut that part away, or extract it.',
  itWeeps: 'It weeps',
  onlyCappedOnItsWorse: 'Only {capped} capped on its worse side',
  notForSaleAsComb: '{why}: not for sale as comb; extract it with the rest.',
  cappedAndWholeMoistureUntested:
    'Capped and whole, moisture untested: say so, with no statement of conformity.',
  change: '{words}: {outcome}.',
});
