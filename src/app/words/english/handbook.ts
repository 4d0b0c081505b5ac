import { messages } from '../messages';

export const handbookWords = messages('handbook', {
  perC: '{indexPerC} per °C',
  aMeterIsHeldAgainst:
    'A meter is held against a substance of known index. Each has its own change with temperature; with that of honey one would invent an offset. ATC is built for sugar and takes off too little on oil, which is allowed for. What a full check finds is taken off every reading until the next; a rough one corrects nothing. The zero is thought to wander by {standardDeviation} points in a month (random walk), pooled with the meter’s own history. A step larger than twice what checks and drift explain is a jump: readings between are flagged and shown as they would be, and none is changed.',
  references: 'References',
  reference: 'Reference',
  indexAtC: 'Index at 20 °C',
  standing: 'Standing',
  oilOfStatedIndex: 'Oil of stated index',
  asItsLabelSays: 'as its label says',
  asItsLabelSaysElse: 'as its label says, else {perDegree}',
  commonPracticeNoSource: 'common practice, no source',
  oliveOilRough: 'Olive oil, rough',
  about: 'about {nD20}',
  waterWideRangeMetersOnly: 'Water, wide-range meters only',
  recalledFromMemory: 'recalled from memory',
  aPlanFixesHowMany:
    'A plan fixes how many vessels are read, and which, before anybody looks: every k-th from a random start whose seed is written down. By mean and spread: mean + k·s, plus what the meter itself may be off by in full, at or under the limit, with the one-sided tolerance factor k (ISO 16269-6, recalled from memory; noncentral t). By count: each vessel conforms by itself, and the hypergeometric distribution says how many bad ones are not ruled out; exact for small lots. More looks share the error out evenly. Suspicious vessels are always read, judged by themselves, and enter neither mean nor spread.',
  meanAndSpreadStandOnly:
    'Mean and spread stand only where a wetter tenth of the vessels would have been met, no vessel stands out (Grubbs 1969) and the values look normal (Anderson and Darling; both recalled from memory); else vessels are counted.',
  theReadersOwnRepeatsAre:
    'The reader’s own repeats are pooled with the assumed {standardDeviation} points, and called their own from {ownRepeatabilityFromDof, plural, one {# repeat} other {# repeats}} on. A streaming meter is taken {leastS} seconds after the honey was put on at the earliest, once the last {windowS} seconds held still.',
  metersAndPlans: 'Meters and plans',
  colourCompositionTheFlowersName: 'Colour, composition, the flower’s name',
  pfundFromAPhotometerMm:
    'Pfund from a photometer: mm = −38.70 + 371.39·A at {pfundWavelengthNm} nm (attributed to White 1984, doubtful from memory). HMF at most {hmfMgPerKg} mg/kg, from tropical places {hmfTropicalMgPerKg}; diastase at least {diastaseSchade} Schade units, or {diastaseLowEnzymeSchade} with HMF up to {hmfLowEnzymeMgPerKg} for honey poor in enzymes by nature; conductivity of blossom honey at most {conductivityMsPerCm} mS/cm, of honeydew at least that (Codex CXS 12-1981 and EU 2001/110/EC, recalled from memory).',
  colourClasses: 'Colour classes',
  class: 'Class',
  pfundUpTo: 'Pfund up to',
  mmUptomm: '{upToMm} mm',
  honeysOfOneFlower: 'Honeys of one flower',
  flower: 'Flower',
  pollen: 'Pollen',
  conductivity: 'Conductivity',
  colour: 'Colour',
  from: 'from {leastPollenPercent} %',
  toMsCm: '{conductivityMsPerCm} to {conductivityMsPerCm2} mS/cm',
  afterPersanoOddoPiroDoubtful:
    'After Persano Oddo & Piro (2004), doubtful from memory, or common practice; a laboratory for pollen decides. A name is supported by pollen, conductivity and senses together, never by one of them.',
  withoutAMeter: 'Without a meter',
  beforeAnyReadingTheState:
    'Before any reading the state of the comb gives an expectation. These figures are common practice without a source. A damp climate raises and widens them; your own lots, judged in the comb and measured later, correct the means and how much your lots scatter, each lot only by those before it. Where nobody said how damp the air was, it is taken as unknown. An expectation is never a statement of conformity.',
  expectedMoistureByStateOf: 'Expected moisture by state of the cells',
  cells: 'Cells',
  howWellKnown: 'How well known',
  fromLotToLot: 'From lot to lot',
  openNothingFellAtThe: 'Open, nothing fell at the shake test',
  openNoShakeTest: 'Open, no shake test',
  openDropsFell: 'Open, drops fell',
  openHoneyRan: 'Open, honey ran',
  cappedShareCappedCellsOver:
    'Capped share: capped cells over cells that hold honey or nectar. Empty cells, brood and pollen do not count. Counted points get Wilson’s interval (1927, recalled from memory); a glance counts as much as {worthPoints} points, in steps of a tenth (common practice, no source).',
  honeyOfASideComb:
    'Honey of a side: comb area × depth × share of cells filled × density. Depth behind one face: {sunken} mm sunken, {flush} flush, {proud} proud; a part-filled side is drawn shallower, down to seven tenths of that (common practice, no source), and frames weighed on a scale that day correct the depth. A heft, ± {hand} kg by hand and ± {scale} on a scale, less the empty frame, is weighed in by how well each is known.',
  judgingTheComb: 'Judging the comb',
  schools: 'Schools',
  school: 'School',
  cappedShareAskedFor: 'Capped share asked for',
  cleanShakeExcusesTo: 'Clean shake excuses to',
  weakPoint: 'Weak point',
  ofAllTakenTogether: ' of all taken together',
  theRestIsDried: ', the rest is dried',
  onEachSide: ' on each side',
  schoolsAreCommonPracticeWithout:
    'Schools are common practice without a source. Before any school come: larvae of beetles, the queen, what was given to the hive, brood, and frames with hardly any honey.',
  puttingBackBeesAreTaken:
    'Putting back: bees are taken to cap {mean} ± {standardDeviation} of the honey cells a day in a flow and warm weather, corrected by earlier looks at the same frame (common practice, no source; normal update). Comb under {coldCombBelowC} °C passes the shake test falsely, so a clean shake of it is not counted.',
  adultSmallBeetlesExtractWithin:
    'Adult small beetles: extract within {extractWithinHours, plural, one {# hour} other {# hours}} when warm and damp, {extractWithinHours2} when one of both, {extractWithinHours3} when neither (common practice, no source).',
  dryingInTheComparisonOf:
    'Drying in the comparison of schools is a coarse lumped model for an ordinary warm room, within 0.9 of a point on the first day; it is no forecast.',
  diffusionOfWaterInHoney: 'Diffusion of water in honey of 18 % at 33 °C',
  filmOfAirOverOpen: 'Film of air over open honey',
  cappings: 'Cappings',
  theWarmRoom: 'The warm room',
  waterDiffusesThroughTheHoney:
    'Water diffuses through the honey of a cell and leaves at its surface through a film of air, driven by the difference of vapour pressure; the thicker the honey, the slower (half as fast at 14 % as at 22 %, assumed): flux = k·(aw·psat(honey) − e(air)). Honey and air have temperatures of their own, so that cold honey in warm air takes water up first. Dry matter is conserved. Water activity after Norrish (1966), moist air after ASHRAE, both recalled from memory or by package.',
  theRoomBalancesHeatAnd:
    'The room balances heat and water: heater, fans, walls, leakage, boxes carried in and out, and a dehumidifier whose litres fall in dry and cool air and which gives the heat of the water back. Air that was logged replaces the balance for as long as the log reaches.',
  ratesOfDrying: 'Rates of drying',
  rate: 'Rate',
  startingValue: 'Starting value',
  doubtBeforeAnyReading: 'Doubt before any reading',
  factor: 'factor {rateSpread}',
  theseValuesWereFittedTo:
    'These values were fitted to what keepers report, not measured: they check the code, not the physics. So a forecast is 500 courses with rates, machine, leakage and start drawn from what is believed of them; times are told no finer than their band, of which one course in ten lies outside. Every reading and weighed box updates the belief (Bayesian least squares with the prior kept), and what a room taught stays for the next season.',
  howBoxesStand: 'How boxes stand',
  airThatReachesTheCombs: 'Air that reaches the combs',
  fromCNewCombSoftens:
    'From {combSoftensC} °C new comb softens; under {coolEnoughC} °C it can be uncapped. Both are common practice without a source, and so are the layouts. No forecast is made for gelled heather or crystallised comb: no rate is known for them.',
  blockedForEveryUsePeople: 'blocked for every use: people, bees, cooking and brewing',
  notForTheJarAs: 'not for the jar as it is; other uses under their own cautions',
  moreWaterThanTheLimit: 'more water than the limit: dry, blend or divert',
  withinTheLimitTooWet: 'within the limit, too wet to keep',
  tooWetCannotBeDried: 'too wet, cannot be dried, and drier honey of your own would bring it in',
  theEvidenceAtHandDoes: 'the evidence at hand does not decide; the headline says what would',
  withinTheLimitSoLegal: 'within the limit, so legal, but wetter than your own target',
  goodEnoughUnderTheConditions:
    'good enough under the conditions named; the first stands in the headline',
  goodEnoughByItsCapping: 'good enough by its capping; up to 20 in 100 such lots may be over',
  goodEnoughByMeterOr: 'good enough by meter or laboratory; at most 5 in 100 may be over',
  orderOfSeverity: 'Order of severity',
  outcomesMostSevereFirst: 'Outcomes, most severe first',
  outcomeMostSevereFirst: 'Outcome, most severe first',
  whatItSays: 'What it says',
  theMostSevereFindingDecides:
    'The most severe finding decides, none hides another. What blocks a lot blocks it for every use; the program never clears by itself. What would change a ruling is found by ruling again on changed evidence.',
  keeping: 'Keeping',
  glucoseLeavesAsMonohydrateTo:
    'Glucose leaves as monohydrate (198.17 to 180.16), so what stays liquid gets wetter. Honey of {glucosePercent} % glucose, by the share of it that has set:',
  waterInTheLiquidPart: 'Water in the liquid part',
  set: '{one} % set',
  theClassOfAMonth:
    'The class of a month is Lochhead’s (1933) for the liquid part at its upper end, beside the temperature (Wilson and Marvin 1932; both recalled from memory). From mildest: {storageRisks}. How fast honey sets month by month is assumed; only the order slow, medium, fast is White’s (1962).',
  places: 'Places',
  place: 'Place',
  meanOfTheYear: 'Mean of the year',
  swing: 'Swing',
  bestBeforeIsAProposal:
    'Best before is a proposal: the least of what HMF and diastase leave at that place, by the worse end of their bands, and the day to look at the honey again.',
  blending: 'Blending',
  aTanksWaterIsThe:
    'A tank’s water is the mean by mass; what each container may be off by adds in quadrature, what the meter’s readings share, and what unread containers of one lot share, is counted once (JCGM 100, recalled from memory). The mean and 1.645 standard uncertainties stay at or under the target. Which containers and how much of each is a mixed-integer programme, solved by HiGHS; the guard band is a cone, replaced by tangents (Kelley 1960, recalled from memory). Beside every answer stands what no other could be worth more than.',
  whatMayLeaveTheHouse: 'What may leave the house',
  honeyIsFilledLabelledSet:
    'Honey is filled, labelled, set aside, given out and taken freely once its ruling is signed and nothing has changed since. Blocked honey is not, for no reason at all. What is over the limit, not settled or not signed leaves only for a reason that is typed and kept with the jars. The container that is filled counts by itself: its own readings, or the lot’s mean with what a single container may differ by. From it come the keeping class and the best-before day too.',
  whereALotIsBlocked:
    'Where a lot is blocked after jars have left, Today lists them first, whoever has them, until it is written down for each what was done. Honey that was blended takes over what blocks its sources.',
  readingsOfNowAndOf: 'Readings of now and of before',
  dryingPouringTogetherStandingOpen:
    'Drying, pouring together, standing open and melting change honey: readings of before are history and shown as such, and what nobody read since is to be read. A pause of more than {longStorageDays, plural, one {# day} other {# days}} parts readings as well; where the later ones differ by more than both may be off, the lot is not accepted before that is cleared up. A meter’s first zero check counts for readings before it, with the doubt that the time between adds. Water found by a laboratory outranks the comb, and must agree with the readings.',
  besideTheMeanStandsThe:
    'Beside the mean stands the chance that any one container is over the limit; each that is, or is not settled, is named. Containers that were not read carry what they may differ by, by their share of the mass: u² = s²·[Σ(wᵢ − Mᵢ)² over those read + Σ Mⱼ² over the others].',
  tracingAndSealing: 'Tracing and sealing',
  hiveBoxFrameWarmRoom:
    'Hive, box, frame, warm room, lot, extraction, container, blend, jars, receiver: every step is a record, and the trace is read from them, both ways. An exported file carries the head of a chain of SHA-256 digests over all its records; a dossier carries that of its lot. A change of any record gives another digest. A seal shows that nothing was changed; it does not show who wrote it.',
  aFactor: 'a factor {spread}',
  strainingAndSettling: 'Straining and settling',
  viscosityByOneRelationFitted:
    'Viscosity by one relation fitted to the tables of Munro (1943) and White, as in Crane (1975), recalled from memory, within 10 %. Heather honey is a gel and has none.',
  viscosityOfHoneyInPa: 'Viscosity of honey in Pa·s',
  aCleanWovenMeshBy:
    'A clean woven mesh by Armour and Cannon (1968), creeping flow; how it closes by Hermia (1982), intermediate blocking, both recalled from memory. How fast wax closes a mesh is an assumption: before any pail is read the flow is known to {factor} and the clogging to {factor2}, one standard deviation; each pail behind a clean mesh corrects both. Under {tooStiffBelowC} °C honey hardly runs; nothing is advised above {waxSoftensC} °C, where wax softens.',
  waxBubblesAndSpecksRise:
    'Wax, bubbles and specks rise by Stokes’ law with a distribution of sizes, while the vessel cools to its room: cleared share = Σ mᵢ·min(1, vᵢ·t/H). Sizes are assumptions.',
  whatRises: 'What rises',
  matter: 'Matter',
  density: 'Density',
  halfOfItIsUnder: 'Half of it is under',
  kgM: '{densityKgPerM3} kg/m³',
  aDayAtTheLine:
    'A day at the line is played through event by event: whoever has free hands does what is most urgent. 500 days with other paces give the band; hands are known to {factor}, the strainer to {factor2} before the day begins. Ticks correct both. Times, losses and order of urgency are common practice without a source.',
  whatWarmthCosts: 'What warmth costs',
  diastaseAfterWhiteKushnirAnd:
    'Diastase after White, Kushnir and Subers (1964), HMF after White and others, both as Arrhenius lines recalled from memory. Single honeys differ: bands use a factor {hmf} for HMF and {diastase} for diastase. Limits: HMF at most {hmfMgPerKg} mg/kg, diastase at least {diastaseSchade} (Codex CXS 12-1981, recalled from memory). Only a laboratory certifies.',
  ageingByTemperature: 'Ageing by temperature',
  at: 'At',
  halfOfTheDiastaseGoes: 'Half of the diastase goes in',
  hmfADay: 'HMF a day',
  days: '{diastaseHalfLifeDays, plural, one {# day} other {# days}}',
  mgKg: '{hmfMgPerKgDay} mg/kg',
  fromDialToMoisture: 'From dial to moisture',
  everyDialIsARefractive:
    'Every dial is a refractive index in disguise. Brix and % water are turned into the index, the index is brought to {referenceTemperatureC} °C ({honeyIndexPerC} per °C, none with ATC), and the index gives the moisture: W = ({a} − log10(100·(nD20 − 1))) / {b}, after Wedmore (1955) and AOAC 969.38, recalled from memory; {tableRangePercent} to {tableRangePercent2} %, computed and marked from {computedRangePercent} to {computedRangePercent2}.',
  theMeasurandIsMoistureBy:
    'The measurand is moisture by refractometry, not true water: Karl Fischer titration differs by some tenths.',
  partsOfTheUncertainty: 'Parts of the uncertainty',
  partOfThe: 'Part of the ±',
  standardUncertainty: 'Standard uncertainty',
  whereItComesFrom: 'Where it comes from',
  divisionOfTheDial: 'Division of the dial',
  oneDivision: 'one division / √12',
  gumRecalledFromMemory: 'GUM, recalled from memory',
  cCWhereNotNoted: '± {thermometerHalfWidthC} °C; ± {unnotedHalfWidthC} °C where not noted',
  zeroOfTheMeter: 'Zero of the meter',
  fromItsLastCheckAnd:
    'from its last check and the time since; without a history {checked} % checked, {unchecked} % not',
  theRelationItself: 'The relation itself',
  aoacRecalledFromMemory: 'AOAC 969.38, recalled from memory',
  theMethodBetweenLaboratories: 'The method, between laboratories',
  forBlossomHoneyForHoneydew:
    '{blossom} % for blossom honey, {honeydew} % for honeydew and heather',
  notVerified: 'not verified',
  reader: 'Reader',
  nPooledWithOwnReplicates: '{standardDeviation} % / √n, pooled with own replicates',
  fromSpotToSpot: 'From spot to spot',
  stirredForOneSpotOf:
    '{standardDeviation} % stirred; ± {unstirred} % for one spot of an unstirred vessel, ± {notSaid} % where nobody said where',
  untestedVessels: 'Untested vessels',
  pooledWithYourOwnLots: '{standardDeviation} %, pooled with your own lots and what is seen',
  mostOfTheseAreGuesses:
    'Most of these are guesses, so each has few degrees of freedom (JCGM 100:2008, G.4.2, recalled from memory): an interval starts wide, and your own checks, replicates and lots narrow it. The guess stays in and counts for less with every record. They are added as Student t distributions of the same scale and variance.',
  youSeeTheAnswerAfter:
    'You see the answer after every reading and may stop at any. That is paid for: the surety asked for lies between 95 and 99 in 100, so that forty looks together accept honey at the limit no more than 5 times in 100 (repeated significance tests with a constant boundary, Armitage, McPherson and Rowe 1969, recalled from memory).',
  limits: 'Limits',
  heatherMeansLingCallunaOnly: '{localLawDecides} Heather means ling (Calluna) only.',
  ruleSets: 'Rule sets',
  ruleSet: 'Rule set',
  edition: 'Edition',
  limit: 'Limit',
  heather: 'Heather',
  enteredByYou: 'entered by you',
  aLimitIsMetWhen:
    'A limit is met when at least 95 in 100 speak for it, and passed when at most 5 do; between the two it is not settled (JCGM 106:2012, recalled from memory).',
  fermentation: 'Fermentation',
  classesAfterLochheadRecalledFrom:
    'Classes after Lochhead (1933), recalled from memory. An unknown yeast count counts as the worst. A class is not a rate: there is a day to check again, never a day until which honey is safe.',
  fermentationClasses: 'Fermentation classes',
  waterUpTo: 'Water up to',
  safeForAboutAYear: 'Safe for about a year',
  whateverTheYeastCount: 'whatever the yeast count',
  underCellsPerGram: 'under {safeBelowYeastPerG} cells per gram',
  handbook: 'Handbook',
  howTheNumbersAreMade:
    'How the numbers are made. Constants, limits and rules come straight from the computation.',
  rulesVersion: 'Rules, version {rulesVersion}',
  theMostSevereFindingDecidesNone: 'The most severe finding decides; none hides another.',
  rules: 'Rules',
  rule: 'Rule',
  source: 'Source',
  looksAt: 'Looks at',
  cautions: 'Cautions',
  noHoneyForInfantsUnder: 'No honey for infants under 12 months.',
  fermentingHoneyBuildsPressureNever:
    'Fermenting honey builds pressure; never heat it in a closed jar.',
  jarsAndWax: 'Jars and wax',
  aRunIsFullWhere:
    'A run of jars is full where no jar weighed lacks more than one may, and where the mean of the run is surely no less than the label: the lower end of its 95 % interval, by Student’s t. What one jar may lack is recalled from memory of Directive 76/211/EEC; local rules decide.',
  whatOneJarMayLack: 'What one jar may lack',
  onTheLabel: 'On the label',
  mayLack: 'May lack',
  threeGlassesChance:
    'Three glasses, one of them odd: by luck a third name it. Two honeys count as different where so many right, or more, would come by luck at most 5 times in 100 (ISO 4120, recalled from memory).',
  creamingIsAssumed:
    'How fast seeded honey sets is assumed, no source: crystals grow on crystals, fastest near [14 °C].',
  waxAndItsShares:
    'One to two kilograms of wax come of a hundred kilograms of honey, half the weight of drained cappings, a quarter of old comb: common practice, no source. Seven deep sheets of foundation weigh a pound, and bees eat six to eight kilograms of honey for one of wax: recalled from memory, the latter disputed.',
  daysOfTheSeason: 'Days of the season',
  aDayIsProposed:
    'A day to take honey off comes after the flow and the days that bees need to cap; before the next flow where flavours stay apart, before a treatment, before a cold snap, before winter. Within that the driest and warmest day is proposed on which somebody can go.',
  whatAScaleTells:
    'A hive that gains half a kilogram a day over three days brings nectar in. Weighings with a box put on or taken off between them are not compared.',
  outsideByTheForecast:
    'A forecast gives the air about a warm room: the coldest hour is nearly damp, and the water of that hour stays in the air by day; rain keeps it damp. A rule of thumb, recalled from memory.',
  eyeAndPicture: 'Eye and picture',
  howAnEyeIsKnown:
    'After {looks} drawn combs Ripenum knows how far off your eye is and how much it scatters. It corrects what you judge at a glance, never what you count or paint. Frames judged earlier stay as they were.',
  howAPictureIsRead:
    'A photograph of a side is straightened by its corners, its cells are found and named. Ripenum learned from drawn combs, never from real ones: points you do not touch are guesses, and a blurred or unusual picture gets a wider interval. Your corrections are remembered.',
  howALineIsRead:
    'In a photograph of an eyepiece the line between dark and light is found; two divisions you tap give its value. On clear drawn pictures it is right to a quarter of a division; if there is no line, it says so.',
  aFullBoxCanWeigh: 'A full box can weigh over [30 kg]; lift with help.',
  treatmentsTheProductLabelAnd:
    'Treatments: the product label and local law decide, not this program.',
  toxicNectarKnowThePlants:
    'Toxic nectar: know the plants in your area; ask the local advisory service.',
  above: 'above',
  some: 'some',
  nothing: 'nothing',
  never: 'never',
  needComb: 'comb',
  needReading: 'reading',
  needVessel: 'vessel',
  needStorage: 'store',
  needSigns: 'signs',
  needLot: 'lot',
  needCircumstances: 'circumstances',
});
