import * as core from '..';
import type { LotEvidence, ZeroPoint } from '..';
import { boxes, inRoom } from './dryingRuns';
import { PAIL_STRAINER, sampleLine } from './extractionLine';
import { honeyFrame } from './frameEvidence';
import { bucketsOf, lotEvidence, readingsOf } from './lotEvidence';

/** A call with good arguments. */
export type SampleCall = () => readonly unknown[];

const HONEY = { temperatureC: 25, moisturePercent: 17 };
const ESTIMATE = { mean: 17.5, standardUncertainty: 0.3, degreesOfFreedom: 8 };
const CELLS = { capped: 0.6, open: 0.2, empty: 0.1, undrawn: 0.05, brood: 0.05 };
const STATES = { capped: 0.7, 'not-done': 0, 'nothing-fell': 0.3, drops: 0, runs: 0 };
const MASS = { massKg: 12, standardUncertaintyKg: 0.3 };
const KEEPS = { meanC: 15, swingC: 4 };
const DIAL = {
  scale: 'water',
  dialValue: 17.6,
  temperatureC: 24,
  atc: false,
  honeyTemperatureC: 25,
  offsetIndex: 0.0003,
} as const;
const METER = { resolution: 0.2, zeroCheck: 'checked', calibrationPercent: 0.1 } as const;

const point = (atDay: number, offsetPercent: number): ZeroPoint => ({
  id: `z${atDay}`,
  atDay,
  adjusted: false,
  offsetIndex: -offsetPercent * 0.0025,
  offsetPercent,
  standardPercent: 0.12,
  degreesOfFreedom: 6,
  expectedDial: 18,
  rough: false,
});
const POINTS = [point(10, 0.2), point(60, 0.3), point(120, 0.25)];

const KNOWN_EYE = { looks: 30, biasAtNone: 0.05, biasAtAll: 0.1, worthPoints: 35 };
const PRACTISED = Array.from({ length: 24 }, (_, at) => ({
  kind: 'plain' as const,
  answered: (at % 11) / 10,
  truth: ((at * 7) % 11) / 11,
}));
const PHOTO_POINTS = [
  { cell: { capped: 0.8, open: 0.1 }, tile: { capped: 0.7, open: 0.2 }, set: null },
  { cell: { capped: 0.1, open: 0.8 }, tile: { capped: 0.2, open: 0.7 }, set: null },
];
const FRAME_CORNERS = [
  { x: 2, y: 2 },
  { x: 28, y: 3 },
  { x: 27, y: 27 },
  { x: 3, y: 28 },
] as const;
const drawnComb = () =>
  core.combScene({ seed: 3, kind: 'plain', share: 0.5, grid: { columns: 6, rows: 5 } });

const EVIDENCE: LotEvidence = lotEvidence({
  vessels: bucketsOf(3),
  readings: [...readingsOf([17.2, 17.4], 'b1'), ...readingsOf([17.5], 'b2')],
  comb: { cappedShare: 0.85, shake: 'nothing-fell' },
  storageTemperatureC: 14,
  takenDay: 20_600,
  repeatability: { standardDeviation: 0.12, degreesOfFreedom: 12 },
  learned: { betweenVessels: { standardDeviation: 0.4, degreesOfFreedom: 9 } },
  heat: { spentShare: BAND(0.2), hmf: BAND(9) },
  drierStock: { massKg: 40, moisturePercent: 16.4 },
});

function BAND(likely: number) {
  return { low: likely / 2, likely, high: likely * 2 };
}

const evidence = (): LotEvidence => structuredClone(EVIDENCE);
const ruling = () => core.ruleOnLot(EVIDENCE);
const belief = () => core.beliefOf(EVIDENCE);
const frames = () => [honeyFrame([9, 8]), honeyFrame([5, 4]), honeyFrame([10, 10])];
const smallRun = () => inRoom([boxes(4)], { reportDays: [0, 1, 2] });
const prior = () => core.learnRoom([], { run: smallRun(), startSpreads: [0.3], observations: [] });
const forecast = () => ({ run: smallRun(), belief: prior().belief, targets: [17] });
const draws = () => [0, 1, 2].map(core.forecaster(forecast()));
const strainingTask = () => ({ strainer: PAIL_STRAINER, honey: HONEY, kg: 30, scrapeMinutes: 5 });
const settlingTask = () => ({
  vessel: { heightCm: 30, moisturePercent: 17, startC: 28, roomC: 22, lagHours: 10 },
  strainedUm: 200,
});
const cycle = () => core.strainerCycle(PAIL_STRAINER, HONEY);
const line = () => sampleLine({ frames: 20 });
const ticks = () => ({ loadsOutMin: [570], pailsFullMin: [590, 620], scrapesMin: [600] });
const SERIES = {
  days: [0, 0.5, 1, 1.5],
  temperatureC: [30, 31, 32, 31],
  relativeHumidity: [0.4, 0.38, 0.36, 0.4],
};
const GIVEN = {
  id: 'g',
  kind: 'varroa-other',
  name: 'strips',
  colonyIds: ['c1'],
  fromDay: 100,
  toDay: 120,
  boxesOn: true,
  waitDays: 14,
};
const LEFT = {
  id: 'a',
  leftKg: 5,
  targetKg: 8,
  frames: 5,
  partFilled: 2,
  boxes: 2,
  slots: 10,
  allJudged: true,
  broodFrames: 1,
  health: 'sound',
};
const CLEARING = {
  method: 'scent',
  frames: 40,
  leadDays: 3,
  contactHours: 0.1,
  temperatureC: 20,
  broodInBoxes: false,
};
const FLOW = {
  expectedStart: 100,
  expectedEnd: 120,
  observedStart: 98,
  observedEnd: null,
  failed: false,
};
const WEATHER = { day: 103, highestC: 20, lowestC: 9, rainMm: 0 };
const PULL = {
  today: 100,
  flowEnd: 104,
  ripeningDays: 7,
  latest: { 'next-flow': 120, treatment: 130, winter: 150 },
  leadDays: 3,
  weekdays: [6],
  helpDay: 115,
  forecast: [WEATHER],
};
const TREATMENT = {
  fromDay: 100,
  toDay: 120,
  boxesOn: false,
  staysDays: 20,
  waitDays: 7,
  fromTemperatureC: 12,
  toTemperatureC: 30,
};
const BOX = { daysLeft: 14, gainKgPerDay: 1.3, roomKg: 3, boxKg: 18, coldestNightC: 9 };

const WAX_LINE = { act: 'melted', from: 'cappings', fromKg: 3, into: 'block', intoKg: 1.6 };

const BLEND = {
  containers: ['wet', 'dry'].map((id, at) => ({
    id,
    massKg: 30,
    meanPercent: at === 0 ? 19 : 16.5,
    randomPercent: 0.2,
    flow: 'clover',
    colour: 'light',
    barredBecause: null,
  })),
  tanks: [{ id: 't', capacityKg: 50 }],
  targetPercent: 18,
  systematicPercent: 0.1,
  aim: 'save',
  mixFlows: false,
  mixColours: false,
  wholeOnly: true,
  openingWorthKg: 0.5,
};
const LOAD = () => ({
  task: forecast(),
  box: [{ surface: 'open', massKg: 5, moisturePercent: 19 }],
  temperatureC: 25,
  airFactor: 0.8,
  tareKg: 8,
  inDay: 0,
  targetPercent: 17,
  startSpreadPercent: 0.2,
  probability: 0.8,
  mostBoxes: 2,
  draws: 2,
});
const BALANCE = { hmf: BAND(6), diastase: BAND(18) };
const STORE = {
  moisture: ESTIMATE,
  glucosePercent: 31,
  tendency: 'medium',
  yeastPerG: 100,
  profileC: [12, 14, 16],
  keptAs: 'as-it-goes',
  startShare: 0.1,
};
const EDGES = [
  { from: 'a', to: 'b', massKg: 5 },
  { from: 'b', to: 'c', massKg: 4 },
];
const look = { dialValues: [17.2, 17.4], temperatureC: 22 };
const oil = () => core.certifiedOil(1.49);

/** A good call of every function that the core exports and that takes numbers. */
export const CALLS: Readonly<Record<string, SampleCall>> = {
  extractorPlaces: () => [20, 7],
  handWays: () => [{ frames: 12, honeyKgPerFrame: 1.5, temperatureC: 28, moisturePercent: 17.5 }],
  secondsWithPicking: () => [{ ...core.TOOLS[4], picked: { everyFrames: 6, seconds: 60 } }],
  waxThrough: () => [[600, 200], 25],
  simulatedWeights: () => [20_000],
  weightCourse: () => [
    [
      { day: 100, massKg: 40 },
      { day: 104, massKg: 45 },
    ],
    [90],
  ],
  forecastAir: () => [
    [WEATHER],
    { meanC: 16, swingC: 8, relativeHumidity: 0.75 },
    { zeroDay: 100, firstDay: 100, lastDay: 104 },
  ],
  allotJars: () => [
    [{ id: 'r', jarG: 250, free: 12, bestBefore: '2027-08-20' }],
    [{ id: 'w', day: '2026-10-03', jarG: 250, count: 8 }],
  ],
  creamingCourse: () => [{ tendency: 'medium', seedShare: 0.1, temperatureC: 14 }],
  fillCheck: () => [[502, 499, 501], 500],
  mayMissG: () => [500],
  seedKg: () => [25, 0.1],
  triangleTest: () => [12, 8],
  boxLift: () => [22, 4],
  buildingHoneyKg: () => [10, 8.7],
  cappingWaxKg: () => [80],
  combPlan: () => [{ drawn: 60, 'half-drawn': 10, bare: 8, 'to-melt': 4 }, 8.7],
  meltYields: () => [[WAX_LINE]],
  sheetsFrom: () => [1, 8.5],
  waxOnHand: () => [[WAX_LINE]],
  boxAdvice: () => [BOX],
  clearingPlan: () => [CLEARING],
  areFrameCorners: () => [FRAME_CORNERS],
  combLookOf: () => [12, 'patchy'],
  combPicture: () => [drawnComb(), 5],
  combScene: () => [{ seed: 3, kind: 'brood', share: 0.6 }],
  courseOfPractice: () => [PRACTISED],
  errorsOfEye: () => [PRACTISED],
  eveningResults: () => [47, [{ name: 'AM', answers: [0.4, 0.5] }]],
  eveningScene: () => [47, 3],
  glanceOf: () => [0.7, KNOWN_EYE],
  judgementCase: () => [7],
  knownEye: () => [PRACTISED],
  nextCombKind: () => [PRACTISED, 4],
  photoCapping: () => [PHOTO_POINTS, 0.2],
  photoShares: () => [PHOTO_POINTS],
  scaleLookOf: () => [9],
  scaleSkill: () => [[{ answered: 18, truth: 17.5, division: 0.5 }]],
  skillByKind: () => [PRACTISED],
  isTooUnclear: () => [{ low: 0.2, high: 0.5 }],
  isCoarserThanEye: () => [{ value: 17.2, standardUncertainty: 0.04 }, 0.5],
  takenBySchools: () => [0.8],
  trueShare: () => [drawnComb()],
  usualCorners: () => [400, 300],
  valueAtEdge: () => [
    { y: 50, x: 50, slope: 0.01, blurPx: 1, standardPx: 0.3 },
    [
      { x: 50, y: 10, value: 20, standardPx: 1.5 },
      { x: 50, y: 90, value: 16, standardPx: 1.5 },
    ],
  ],
  withoutBias: () => [0.7, KNOWN_EYE],
  cellAt: () => [2, 3, { columns: 5, rows: 4 }],
  cellCentre: () => [3, { columns: 5, rows: 4 }],
  combSize: () => [{ columns: 5, rows: 4 }],
  leavingSteps: () => [LEFT, [{ ...LEFT, id: 'b', leftKg: 12 }], true],
  sugarInsteadKg: () => [9, 17],
  totesNeeded: () => [40, 12],
  visitOrder: () => [[{ id: 'a', temper: null, boxes: 2 }]],
  coldSnap: () => [[WEATHER], 100],
  dayOutlook: () => [WEATHER],
  flowCourse: () => [FLOW, 110],
  pullPlan: () => [PULL],
  simulatedWeather: () => [20_000],
  treatmentCalendar: () => [TREATMENT, [WEATHER]],
  weekdayOf: () => [20_000],
  spoilEffect: () => [
    { massKg: 100, moisture: ESTIMATE },
    { massKg: 2, moisture: { ...ESTIMATE, mean: 21 } },
    20,
  ],
  cappedShareOf: () => [CELLS],
  countedCapping: () => [32, 8],
  hasEnoughPoints: () => [32, 8, 0.8],
  judgedCapping: () => [0.8, { worthPoints: 20, step: 0.1 }],
  countedShares: () => [{ capped: 20, open: 6, empty: 4, undrawn: 0, brood: 0 }],
  honeyShare: () => [CELLS],
  quickShares: () => [{ honeyTenths: 8, cappedTenths: 6, undrawnTenths: 0, broodTenths: 1 }],
  expectedMixture: () => [STATES, core.priorExpectation()],
  updatedExpectation: () => [core.priorExpectation(), [{ shares: STATES, measured: ESTIMATE }]],
  stateShares: () => [{ capped: 2, 'nothing-fell': 1 }],
  statesOfComb: () => [{ cappedShare: 0.8, shake: 'drops' }],
  trustedShake: () => [{ result: 'nothing-fell', combTemperatureC: 24 }],
  extractWithinHours: () => [28, 0.6],
  calibrationAt: () => [POINTS, 100],
  checkDue: () => [
    { lastDay: 60, today: 100, readingsSince: 10, everyDays: 60, everyReadings: 50 },
  ],
  fullChecks: () => [POINTS],
  jumpAfter: () => [POINTS, 30],
  offsetSteps: () => [POINTS],
  uncheckedZero: () => [[POINTS]],
  certifiedOil: () => [1.49, 0.00037],
  settling: () => [
    [0, 2, 4, 6, 8].map((atS) => ({ atS, dialValue: 17.5, temperatureC: 22 })),
    0.05,
  ],
  eyepieceView: () => [core.standInEyepiece(3, EYEPIECE)],
  simulatedSample: () => [core.standInMeter(5), 10, 3],
  standInEyepiece: () => [3, EYEPIECE],
  standInMeter: () => [5],
  referenceDialRange: () => [oil(), 'water'],
  zeroOffset: () => [
    { reference: oil(), ...look },
    { scale: 'water', resolution: 0.2, atc: false },
  ],
  bestGuesses: () => [
    [
      { id: 'a', kg: 2 },
      { id: 'b', kg: 3 },
    ],
    2.4,
  ],
  usualByPosition: () => [2, 10, 'honey'],
  broodRoom: () => [[{ sides: [CELLS, CELLS] }]],
  conformityDecision: () => [0.9, 0.97],
  conformityProbability: () => [ESTIMATE, 18],
  decisionOn: () => [ESTIMATE, 18],
  expandedOf: () => [ESTIMATE],
  guardOf: () => [ESTIMATE, 0.97],
  normalEquivalent: () => [ESTIMATE],
  amountMass: () => [{ by: 'volume', volumeL: 10, plusMinusL: 0.2 }, 17],
  totalMass: () => [
    [MASS, MASS],
    [2, 1],
  ],
  bucketsToBring: () => [MASS, 12],
  combSideMass: () => [
    { areaDm2: 5.9, honeyShare: 0.8, face: 'flush' },
    { factor: 1, relative: 0.1 },
  ],
  combinedMass: () => [MASS, MASS],
  netHeft: () => [{ grossKg: 3, plusMinusKg: 0.1 }, 0.6, 0.05],
  summedMass: () => [[MASS, MASS]],
  learnedDepth: () => [[{ byLookKg: 2, byWeightKg: 1.8, weightStandardKg: 0.1 }]],
  residueBlocks: () => [[{ colonyId: 'c1', fromDay: 90, toDay: 130, as: 'honey' }], [GIVEN]],
  furtherReadings: () => [
    { readings: EVIDENCE.readings, vessels: EVIDENCE.vessels, limitPercent: 18 },
  ],
  interpretReading: () => [DIAL],
  criticalRange: () => [3, 0.15, 0.2],
  narrowings: () => [{ readings: EVIDENCE.readings, vessels: EVIDENCE.vessels }],
  learnedBetweenVessels: () => [[{ squares: 0.4, degreesOfFreedom: 2 }]],
  vesselScatter: () => [EVIDENCE.readings],
  estimateOf: () => [core.lotMoisture(EVIDENCE.readings, EVIDENCE.vessels)],
  lotMoisture: () => [
    EVIDENCE.readings,
    EVIDENCE.vessels,
    EVIDENCE.repeatability,
    EVIDENCE.learned,
  ],
  readingUncertainty: () => [core.readingBudget(DIAL, METER)],
  readerRepeatability: () => [
    [
      [17.2, 17.3],
      [18, 18.2, 18.1],
    ],
  ],
  readingBudget: () => [DIAL, METER],
  recogniseScale: () => [17.4],
  flowerSupport: () => [
    {
      plant: 'clover',
      pollenPercent: 50,
      conductivityMsPerCm: 0.2,
      colour: 'white',
      tastesTypical: true,
    },
  ],
  colourClass: () => [30],
  pfundFromAbsorbance: () => [0.2, 1],
  possibleClasses: () => [30, 3],
  beliefOf: () => [evidence()],
  ruleOnLot: () => [evidence()],
  flipsOf: () => [evidence(), ruling()],
  whatOneReadingSettles: () => [evidence(), belief()],
  readingsInTime: () => [
    EVIDENCE.readings.map((reading) => ({ ...reading, takenDay: 100 })),
    [{ kind: 'dried', atDay: 90 }],
  ],
  keepingClass: () => [ESTIMATE],
  wettestMoisture: () => [evidence(), belief()],
  checkAgainMonths: () => ['safe', 14],
  densityMoisture: () => [17.4],
  honeyDensityKgPerL: () => [17.4],
  framesDoneBy: () => [sampleLine({ frames: 24 }), 900],
  honeyByGross: () => [{ fullKg: [24, 25], emptyKg: [9] }],
  planVerdictOf: () => [
    {
      ...evidence(),
      plan: {
        method: 'by-count',
        content: 0.95,
        confidence: 0.95,
        looks: 1,
        plannedIds: [['b1', 'b2']],
      },
    },
  ],
  commonStandard: () => [core.lotMoisture(EVIDENCE.readings, EVIDENCE.vessels)],
  vesselEstimate: () => [evidence(), belief(), 'b3'],
  vesselMoistures: () => [evidence(), belief()],
  vesselsAgainstLimit: () => [evidence(), belief()],
  compareSchools: () => [
    frames(),
    core.SCHOOLS,
    {
      limitPercent: 20,
      finishingOf: () => null,
      lackingKg: new Map(),
      expectation: core.priorExpectation(),
      targetPercent: 18,
    },
  ],
  decideFrames: () => [frames(), core.schoolOf('four-fifths')],
  finishing: () => [
    {
      share: 0.5,
      standardUncertainty: 0.05,
      wantedShare: 0.8,
      earlier: [{ daysAgo: 4, share: 0.3, standardUncertainty: 0.05 }],
      daysLeft: 10,
      temperatureC: 22,
    },
  ],
  forcedAct: () => [honeyFrame([5, 4])],
  frameCapping: () => [honeyFrame([5, 4])],
  frameStateMasses: () => [honeyFrame([5, 4])],
  pooledStates: () => [frames()],
  worseSideShare: () => [honeyFrame([5, 4])],
  drawContainers: () => [['a', 'b', 'c', 'd'], 3, 2, 0.3],
  plannedNumber: () => [
    {
      method: 'mean-and-spread',
      content: 0.95,
      confidence: 0.95,
      looks: 1,
      containers: 60,
      marginPercent: 1,
      spreadPercent: 0.3,
    },
  ],
  proposedSampleSize: () => [100],
  surveyVerdict: () => [[0.8, 0.9, 1], 30, 0.8],
  systematicSample: () => [30, 5, 0.4],
  seededRandom: () => [7],
  celsiusFromFahrenheit: () => [70],
  fahrenheitFromCelsius: () => [20],
  logGaps: () => [SERIES],
  logSpikes: () => [SERIES],
  withoutSlips: () => [SERIES],
  inTimeShare: () => [LOAD(), 2],
  loadCourse: () => [LOAD(), 2],
  mostBoxes: () => [LOAD()],
  coolingHours: () => [boxes(4), { fromC: 33, toC: 25, airC: 18 }],
  isRatingPoint: () => ['refrigerant', 27, 0.6],
  forecaster: () => [forecast()],
  humidityBand: () => [draws()],
  moistureAt: () => [draws(), 0, 1],
  moistureBand: () => [draws(), 0],
  readyByDay: () => [draws(), 0, 3],
  readyForecast: () => [draws(), 0],
  learnRoom: () => [
    [],
    {
      run: smallRun(),
      startSpreads: [0.3],
      observations: [{ batch: 0, day: 1, of: 'all', percent: 17.6, standardUncertainty: 0.3 }],
    },
  ],
  roomOutlook: () => [smallRun(), prior().belief, 1],
  honeyDepthMm: () => [2, 17.4, 17],
  openHoneyCourse: () => [
    {
      parts: [{ surface: 'open', massKg: 10, moisturePercent: 18, depthMm: 10 }],
      air: { temperatureC: 28, relativeHumidity: 0.35 },
      honeyC: 25,
      airFactor: 1,
      tareKg: 2,
      hours: 6,
      stirredEveryHours: 3,
    },
  ],
  simulatedAir: () => [120, 3],
  viscosityPaS: () => [25, 17],
  usualWireUm: () => [200],
  wireRangeUm: () => [200],
  calibratedStrainer: () => [PAIL_STRAINER, HONEY, [{ minutes: 20, kg: 10 }]],
  isTellingMark: () => [{ minutes: 20, kg: 10 }],
  minutesInCycle: () => [cycle(), 5],
  openGateCycle: () => [1],
  strainerCycle: () => [PAIL_STRAINER, HONEY],
  strainingCurve: () => [cycle(), 30, 5],
  afterSettling: () => [PAIL_STRAINER, 0.4],
  meshEffect: () => [200],
  strainingAdvice: () => [strainingTask(), 0.4],
  timeOfTask: () => [strainingTask()],
  warmEnoughC: () => [strainingTask(), 120],
  settlingCourse: () => [settlingTask(), [6, 12, 24]],
  skimPlan: () => [settlingTask()],
  vesselLagHours: () => [30, 28],
  daysLeftAt: () => [22, BALANCE],
  heatBalance: () => [[{ days: 2, temperatureC: 40 }]],
  warmedToC: () => [{ startC: 15, cabinetC: 40, days: 2, lagHours: 8 }],
  warmingHistory: () => [{ startC: 15, cabinetC: 40, days: 2, lagHours: 8 }],
  diastaseHalfLifeDays: () => [30],
  hmfMgPerKgDay: () => [30],
  fillMl: () => [0.5, 17, 20],
  jarPlan: () => [20, [{ netKg: 0.5, atMost: 30 }]],
  labelWeight: () => [0.5],
  massBalance: () => [{ 'in-comb': MASS, 'in-containers': { ...MASS, massKg: 11 } }],
  sharedYield: () => [[{ from: 'a', frames: 10, kg: 16 }], 15],
  extractorFrames: () => [40, 4],
  standInCost: () => ['fine-mesh', 100],
  kitNeeds: () => [{ honey: MASS, pailKg: 12, jarKg: 0.5, jarredShare: 0.4 }],
  spunKgPerFrame: () => [line()],
  atPace: () => [line(), 1.2, 1.5],
  seenPace: () => [line(), ticks()],
  lineUnderWay: () => [line(), ticks(), 640],
  expectedPace: () => [[{ hands: { log: 0.1, spread: 0.1 }, straining: null }]],
  freshState: () => [line()],
  loadsOf: () => [35, 20],
  oppositePairs: () => [
    [
      { id: 'a', kg: 2 },
      { id: 'b', kg: 1.8 },
    ],
  ],
  honeyDoneMin: () => [{ spunMin: 600, strainedMin: 640 }],
  planLine: () => [line()],
  doneBand: () => [[{ spunMin: 600, doneMin: 640, mostWaitingKg: 10 }], 'doneMin'],
  lineDraw: () => [
    { line: line(), state: core.freshState(line()), doubt: { hands: 0.2, straining: 0.5 } },
    3,
  ],
  spunOut: () => [{ beforeKg: 2.4, afterKg: 0.7, tareKg: 0.5, plusMinusKg: 0.05 }],
  judgeTools: () => [
    { face: 'flush', isNew: false, frames: 20, honeyKgPerFrame: 1.6 },
    [
      {
        kind: 'knife',
        secondsPerFrame: 40,
        lossShare: 0.05,
        combSpared: 0.9,
        faces: ['flush'],
        newComb: true,
      },
    ],
  ],
  bottleneck: () => [line()],
  lineGains: () => [line(), null],
  pourOutlook: () => [
    [
      { minutes: 0, kg: 0 },
      { minutes: 5, kg: 4 },
    ],
    12,
    1,
  ],
  drierHoneyNeededKg: () => [BLEND, 16, 0.3],
  tankConforms: () => [{ tankId: 't', massKg: 10, moisture: ESTIMATE, upperPercent: 18 }, 18],
  tankMoisture: () => [[{ container: BLEND.containers[0], massKg: 10 }], 0.1],
  granulationTendency: () => [31, 17],
  liquidMoisturePercent: () => [18, 31, 0.4],
  storageForecast: () => [STORE],
  monthlyProfile: () => [KEEPS, 5, 12],
  bestBefore: () => [
    KEEPS,
    BALANCE,
    { checkMonths: 12, limits: { hmfMgPerKg: 40, diastaseSchade: 8 }, dayOfYear: 120 },
  ],
  blocksOf: () => [evidence()],
  ferments: () => [evidence()],
  cheapestEvidence: () => [evidence(), ruling()],
  rulePieces: () => [
    [
      {
        id: 'p',
        label: 'P',
        cappedShare: 0.9,
        weeping: false,
        foreign: false,
        measured: ESTIMATE,
      },
    ],
    evidence(),
  ],
  nodeBalance: () => [EDGES, 'b'],
  trackRecord: () => [[0.2, 0.6, 0.9]],
  studentCdf: () => [1.2, 6],
  predictedReadings: () => [
    [],
    {
      run: smallRun(),
      startSpreads: [0.3],
      observations: [{ batch: 0, day: 1, of: 'all', percent: 17.6, standardUncertainty: 0.3 }],
    },
  ],
};

const EYEPIECE = { scale: 'water', atc: false, focusOff: 0.1, unevenness: 0.1 } as const;

/** Exports that take no number, or hand numbers through untouched. */
export const WITHOUT_NUMBERS: readonly string[] = [
  'bestBlend',
  'combCorners',
  'eyepieceEdge',
  'straightened',
  'greyOf',
  'learned',
  'likeliest',
  'readSide',
  'blockSentence',
  'cleanUpSteps',
  'findRuleSet',
  'flatMapAlone',
  'flowerKind',
  'foundOnce',
  'groupBy',
  'heatLimits',
  'isAccepted',
  'isFlowing',
  'isMeasured',
  'say',
  'isStuck',
  'isUnreliable',
  'lineage',
  'mayBeTaken',
  'normalDraws',
  'ordinaryReadings',
  'ordinaryVessels',
  'percentPerStatedIndex',
  'priorExpectation',
  'reached',
  'relaxations',
  'rememberedBy',
  'resolvedGuess',
  'robbingSteps',
  'ruleSetOf',
  'schoolOf',
  'secondBlend',
  'stingAdvice',
  'suspectVesselsOf',
  'whiteStuff',
];
