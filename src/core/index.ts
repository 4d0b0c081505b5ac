/** The computation of Ripenum; every other layer imports from here. */
export {
  FEATURE_COUNT,
  FEATURES_VERSION,
  PHOTO_CLASSES,
  type PhotoClass,
} from './photo/photoClasses';
export {
  COURSE_STEP,
  HIT_WITHIN,
  combLookOf,
  courseOfPractice,
  errorsOfEye,
  nextCombKind,
  skillByKind,
  type CombLook,
  type KindSkill,
} from './practice/combLooks';
export { combPicture } from './practice/combPicture';
export { DRAWN_GRID, combScene, trueShare, type CombScene } from './practice/combScene';
export {
  EVENING_LOOKS,
  eveningResults,
  eveningScene,
  type EveningGuesses,
  type EveningResult,
} from './practice/evening';
export { FEWEST_LOOKS, glanceOf, knownEye, withoutBias, type KnownEye } from './practice/eyeSkill';
export {
  JUDGEMENT_CASES,
  judgementCase,
  type CaseChoice,
  type JudgementCase,
  type JudgementCaseId,
} from './practice/judgementCases';
export {
  READ_WITHIN,
  SCALE_DIVISION,
  scaleLookOf,
  scaleSkill,
  type ScaleSkill,
} from './practice/scaleLooks';
export { learned, likeliest, type KnownCell } from './photo/cellClassifier';
export { CELL_MODEL } from './photo/cellModel';
export { eyepieceEdge, type EyepieceEdge } from './photo/eyepieceEdge';
export {
  POINTING_PX,
  isCoarserThanEye,
  valueAtEdge,
  type EyepieceValue,
  type PointedDivision,
} from './photo/eyepieceValue';
export { combCorners, usualCorners } from './photo/frameCorners';
export { areFrameCorners, type Corners, type PhotoPoint } from './photo/homography';
export { isTooUnclear, photoCapping, photoShares, type SharePoint } from './photo/photoShare';
export { readSide, type PointGrid, type ReadSide } from './photo/readSide';
export { straightened } from './photo/straighten';
export { greyOf, type Raster } from './photo/raster';
export { takenBySchools } from './practice/takenBy';
export { COMB_KINDS, DRILLS, EVENING_CODES, type CombKind, type Drill } from './practice/drills';
export { spoilEffect, type Portion } from './blending/spoil';
export {
  COPY,
  EYE,
  cappedShareOf,
  countedCapping,
  hasEnoughPoints,
  judgedCapping,
  type CappedEstimate,
} from './capping/cappedShare';
export {
  CELL_STATES,
  countedShares,
  honeyShare,
  quickShares,
  type CellShares,
  type CellState,
} from './capping/cellShares';
export {
  CLIMATES,
  EXPECTED_BY_STATE,
  HONEY_STATES,
  SHAKE_RESULTS,
  expectedMixture,
  priorExpectation,
  updatedExpectation,
  type Climate,
  type Expectation,
  type HoneyState,
  type PastLot,
  type ShakeResult,
  type StateShares,
} from './capping/expectation';
export { stateShares, statesOfComb } from './capping/expectedMoisture';
export { COLD_COMB_BELOW_C, trustedShake } from './capping/shakeTest';
export {
  CLEARING_METHODS,
  clearingPlan,
  type ClearingDoubt,
  type ClearingStep,
} from './comb/clearing';
export { cellAt, cellCentre, combSize, type CombGrid } from './comb/hexLattice';
export {
  LEAVING_STEPS,
  leavingSteps,
  sugarInsteadKg,
  type LeavingStep,
  type LeftHive,
} from './comb/leaving';
export {
  ROBBED_PLACES,
  ROBBERS,
  ROBBING_STEPS,
  robbingSteps,
  type RobbedPlace,
  type Robber,
  type RobbingStep,
} from './comb/robbing';
export { TEMPERS, totesNeeded, visitOrder, type VisitedHive } from './comb/visit';
export { BEETLE_SIGHTS, extractWithinHours } from './comb/beetleClock';
export {
  DRIFT_PRIOR,
  calibrationAt,
  checkDue,
  fullChecks,
  jumpAfter,
  offsetSteps,
  type Calibration,
  type CheckDue,
  type ZeroPoint,
} from './instruments/drift';
export { uncheckedZero } from './instruments/uncheckedZero';
export {
  OIL_ND20_RANGE,
  OIL_PER_C_RANGE,
  OLIVE_OIL_REFERENCE,
  REFERENCE_KINDS,
  WATER_REFERENCE,
  certifiedOil,
  type Reference,
  type ReferenceKind,
} from './instruments/reference';
export { SETTLING, settling, type MeterSample, type Settling } from './instruments/settling';
export { EYEPIECE_SCALES, eyepieceView, type EyepieceView } from './instruments/simulatedEyepiece';
export { simulatedSample } from './instruments/simulatedMeter';
export { STAND_IN_SAMPLES, standInEyepiece, standInMeter } from './instruments/standIns';
export { percentPerStatedIndex, referenceDialRange, zeroOffset } from './instruments/zeroOffset';
export { bestGuesses } from './guessing/bestGuesses';

export { usualByPosition } from './comb/usualByPosition';
export { broodRoom } from './comb/broodRoom';
export {
  DEFAULT_FORMAT_ID,
  FRAME_FORMATS,
  TARE_RELATIVE_UNCERTAINTY,
  type FrameFormat,
} from './comb/frameFormats';
export {
  CONFORMS_FROM,
  conformityDecision,
  conformityProbability,
  decisionOn,
  expandedOf,
  guardOf,
  normalEquivalent,
  GUARD_FACTOR,
  type Estimate,
} from './conformity/conformity';
export { FERMENTATION_CLASSES, IN_DANGER_FROM_PERCENT } from './fermentation/lochhead';
export { STORAGE_RANGE_C } from './fermentation/storage';
export {
  DEFAULT_RULE_SET_ID,
  DEFAULT_TARGET_PERCENT,
  HONEY_KINDS,
  RULE_SETS,
  findRuleSet,
  ruleSetOf,
  type HoneyKind,
  type RuleSet,
} from './limits/ruleSets';
export { flatMapAlone } from './lists/flatMapAlone';
export { foundOnce } from './lists/foundOnce';
export { groupBy } from './lists/groupBy';
export { rememberedBy } from './lists/rememberedBy';
export { amountMass, totalMass, type Amount, type MassEstimate } from './mass/amountMass';
export {
  COMB_FACES,
  HONEY_DEPTH_MM,
  bucketsToBring,
  combSideMass,
  combinedMass,
  netHeft,
  summedMass,
  type CombFace,
  TYPICAL_MOISTURE_PERCENT,
} from './mass/combMass';
export { ASSUMED_DEPTH, learnedDepth, type CombDepth } from './mass/learnedDepth';
export {
  GIVEN_KINDS,
  blockSentence,
  residueBlocks,
  type CombStay,
  type Given,
} from './residues/residueBlocks';
export { furtherReadings, type FurtherReadings } from './moisture/furtherReadings';
export {
  ATC_RANGE_C,
  interpretReading,
  type DialReading,
  type InterpretedReading,
  type ReadingMark,
} from './moisture/interpretReading';
export { criticalRange } from './moisture/criticalRange';
export { narrowings, type NarrowingId } from './moisture/narrowing';
export {
  learnedBetweenVessels,
  vesselScatter,
  type LearnedSpread,
  type VesselScatter,
} from './moisture/learnedSpreads';
export { type ComponentId } from './moisture/lotComponents';
export {
  estimateOf,
  lotMoisture,
  readingUncertainty,
  type LotComponent,
  type LotMoisture,
} from './moisture/lotMoisture';
export {
  LAYERING_SPREAD_PERCENT,
  SAMPLE_STATES,
  SPOTS,
  type SampleState,
  type Spot,
} from './moisture/sampleState';
export {
  LAYER_HALF_WIDTH,
  OWN_REPEATABILITY_FROM_DOF,
  SPREAD_PRIORS,
  readerRepeatability,
  type LearnedSpreads,
  type Repeatability,
  type Spread,
} from './moisture/spreads';
export {
  BUDGET_DEFAULTS,
  DIVISION_RANGE,
  METHOD_TERMS,
  readingBudget,
  type MethodKind,
  type MeterCondition,
  type ZeroCheck,
} from './moisture/readingBudget';
export { DIAL_RANGES, SCALES, recogniseScale, type Scale } from './moisture/scales';
export { COMPUTED_RANGE_PERCENT, TABLE_RANGE_PERCENT, WEDMORE } from './moisture/refractiveIndex';
export { HONEY_INDEX_PER_C, PRISM_RANGE_C, REFERENCE_TEMPERATURE_C } from './moisture/temperature';
export {
  FLOWER_KINDS,
  flowerKind,
  flowerSupport,
  type FlowerEvidence,
  type FlowerSupport,
} from './quality/flowerName';
export {
  COMPOSITION,
  HONEY_CATEGORIES,
  HONEY_CLAIMS,
  LAB_QUANTITIES,
  LAB_WATER_METHODS,
  LAB_RANGES,
  type HoneyCategory,
  type HoneyClaim,
  type LabEvidence,
  type LabQuantity,
  type LabValue,
} from './quality/laboratory';
export { resolvedGuess, type GuessResolved, type GuessedColour } from './quality/combColour';
export {
  COLOUR_CLASSES,
  COLOUR_CLASS_IDS,
  PFUND_RANGE_MM,
  PFUND_PLUS_MINUS_MM,
  PFUND_WAVELENGTH_NM,
  colourClass,
  pfundFromAbsorbance,
  possibleClasses,
  type ColourClassId,
} from './quality/pfund';
export {
  FAULTS,
  FOAMS,
  IMPURITIES,
  type Fault,
  type Foam,
  type Impurity,
  type SensesEvidence,
} from './quality/senses';
export { BASES, type Belief, beliefOf, isMeasured } from './ruling/belief';
export { RULES, RULES_VERSION, ruleOnLot, type Ruling } from './ruling/engine';
export {
  FERMENTATION_SIGNS,
  isUnreliable,
  ordinaryReadings,
  ordinaryVessels,
  type FermentationSign,
  type CombEvidence,
  type DrierStock,
  type DryingHistory,
  type InheritedBlock,
  type TreatedFrames,
  type UnaskedBoxes,
  type UnknownKind,
  type LotEvidence,
  type ReadingEvidence,
  type VesselEvidence,
} from './ruling/evidence';
export { NO_NUMBER_WILL, flipsOf, isStuck } from './ruling/flips/flips';
export { whatOneReadingSettles } from './ruling/oneReading';
export { OUTCOMES, isAccepted, type Outcome } from './ruling/outcome';
export type { Finding, NextStep, RuleSource } from './ruling/rule';
export {
  type HistoryReason,
  type HoneyEvent,
  LONG_STORAGE_DAYS,
  readingsInTime,
} from './ruling/honeyEvents';
export { HAPPENED } from './ruling/rules/earlierReadings';
export { keepingClass, wettestMoisture } from './ruling/rules/fermentation';
export { checkAgainMonths } from './fermentation/storage';
export { densityMoisture, honeyDensityKgPerL } from './mass/density';
export { framesDoneBy } from './extraction/endOfDay';
export { type BoxWeights, type HoneyByWeight, honeyByGross } from './mass/grossWeights';
export { planVerdictOf } from './ruling/rules/samplingPlan';
export {
  commonStandard,
  suspectVesselsOf,
  vesselEstimate,
  vesselMoistures,
  vesselsAgainstLimit,
} from './ruling/vesselMoistures';
export { say, type Message, type MessageValue } from './message/message';
export { compareSchools, type SchoolOutcome } from './schools/compare';
export {
  EXTRACTED_ACTS,
  STAYING_ACTS,
  TAKING_ACTS,
  decideFrames,
  type DecideContext,
  type FrameDecision,
} from './schools/decide';
export {
  USUAL_LOOK_AGAIN_DAYS,
  CAPPING_RATE_PRIOR,
  finishing,
  type EarlierLook,
  type Finishing,
} from './schools/finishing';
export { DECISIONS, forcedAct, mayBeTaken, type FrameAct } from './schools/forced';
export {
  BROOD_AMOUNTS,
  frameCapping,
  frameStateMasses,
  pooledStates,
  worseSideShare,
  type BroodAmount,
  type FrameEvidence,
  type SideEvidence,
} from './schools/frameEvidence';
export {
  CAPPING_RULES,
  DEFAULT_SCHOOL_ID,
  DRYING_WAYS,
  METER_NEEDS,
  SCHOOLS,
  STAY_RULES,
  TIMINGS,
  schoolOf,
  type School,
  type Timing,
} from './schools/school';
export type { CountVerdict, PlanVerdict } from './sampling/planVerdict';
export {
  LOOKS_RANGE,
  PLAN_METHODS,
  drawContainers,
  plannedNumber,
  type PlanMethod,
  type PlanNumber,
} from './sampling/samplingPlan';
export {
  proposedSampleSize,
  surveyVerdict,
  systematicSample,
  type SurveyVerdict,
} from './sampling/surveySample';
export { normalDraws, seededRandom } from './stats/seededRandom';
export { USUAL_GAIN_KG_PER_DAY, boxAdvice, type BoxAdvice } from './season/boxAdvice';
export {
  HONEY_RUNS_FROM_C,
  WEATHER_RANGE_C,
  coldSnap,
  dayOutlook,
  type DayOutlook,
  type DayWeather,
} from './season/dayWeather';
export {
  FLOW_STATES,
  flowCourse,
  isFlowing,
  type FlowCourse,
  type FlowState,
} from './season/flowCourse';
export { PULL_LIMITS, pullPlan, weekdayOf, type PullLimit, type PullPlan } from './season/pullPlan';
export {
  treatmentCalendar,
  type TreatmentCalendar,
  type TreatmentStep,
} from './season/treatmentCalendar';
export { DATED_YEARS, DAY_MS, LONGEST_BATCH_DAYS, LONGEST_DRYING_DAYS } from './time/datedDays';
export {
  CM_PER_INCH,
  KG_PER_OUNCE,
  KG_PER_POUND,
  L_PER_IMPERIAL_GALLON,
  L_PER_US_GALLON,
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
} from './units/convert';
export { type Air, type AirOverTime, type AirSeries, type WetSpell } from './warmRoom/airOverTime';
export { logGaps, logSpikes, withoutSlips, type LogGap, type LogSpike } from './warmRoom/airSeries';
export {
  COMB_RANGE_C,
  LAYOUTS,
  LAYOUT_FACTOR,
  type DryingBatch,
  type HoneyPart,
  type Layout,
} from './warmRoom/solver/batch';
export {
  inTimeShare,
  loadCourse,
  mostBoxes,
  type LoadAnswer,
  type LoadCourse,
  type LoadQuestion,
} from './warmRoom/capacity';
export { COOL_ENOUGH_C, coolingHours } from './warmRoom/coolingHours';
export { type DryingBelief } from './warmRoom/dryingBelief';
export { MACHINE_KINDS, isRatingPoint, type MachineKind } from './warmRoom/dehumidifier';
export { type DryingRun } from './warmRoom/dryingRun';
export {
  forecaster,
  humidityBand,
  moistureAt,
  moistureBand,
  readyByDay,
  readyForecast,
  type Band,
  type ForecastDraw,
  type ForecastTask,
  type ReadyForecast,
} from './warmRoom/forecast';
export { predictedReadings } from './warmRoom/predictedReadings';
export { FEW_FORECASTS, trackRecord, type TrackRecord } from './stats/trackRecord';
export { type DryingObservation } from './warmRoom/learnDrying';
export { type WarmRoom } from './warmRoom/room';
export { COMB_SOFTENS_C, type RoomAdvice } from './warmRoom/roomAdvice';
export {
  learnRoom,
  roomOutlook,
  type DryingEpisode,
  type LearnedRoom,
  type RoomOutlook,
} from './warmRoom/roomOutlook';
export {
  honeyDepthMm,
  openHoneyCourse,
  type OpenHoneyCourse,
  type OpenHoneyTask,
} from './warmRoom/openHoney';
export { simulatedWeather } from './instruments/simulatedWeather';
export { LOGGER_EVERY_MIN, simulatedAir } from './instruments/simulatedLogger';
export { DRYING_RATES, RATE_SPREADS, type DryingRates, type RateName } from './drying/rates';
export { VISCOSITY_RANGE_PERCENT, viscosityPaS } from './flow/viscosity';
export {
  HEAD_RANGE_CM,
  MESH_AREA_RANGE_DM2,
  OPENING_RANGE_UM,
  usualWireUm,
  wireRangeUm,
} from './flow/mesh';
export {
  STRAINER_PRIOR,
  calibratedStrainer,
  isTellingMark,
  type Calibrated,
  type StrainingMark,
} from './flow/calibration';
export {
  minutesInCycle,
  openGateCycle,
  strainerCycle,
  strainingCurve,
  type HoneyState as StrainedHoney,
  type Strainer,
  type StrainedPoint,
} from './flow/strainer';
export {
  TOO_STIFF_BELOW_C,
  WAX_SOFTENS_C,
  afterSettling,
  meshEffect,
  strainingAdvice,
  timeOfTask,
  warmEnoughC,
  type StrainingAdvice,
  type StrainingTask,
} from './flow/strainingAdvice';
export { MATTER, MATTER_KINDS, type MatterKind } from './settling/matter';
export {
  settlingCourse,
  skimPlan,
  vesselLagHours,
  type SettlingMoment,
  type SettlingTask,
  type SkimPlan,
} from './settling/settlingCourse';
export {
  HEAT_LIMITS,
  HEAT_SPREAD,
  HMF_HARMS_BEES,
  daysLeftAt,
  heatBalance,
  heatLimits,
  warmedToC,
  warmingHistory,
  type HeatBalance,
  type HeatBand,
  type HeatLimits,
  type HeatStart,
  type WarmingPlan,
  FRESH_HONEY,
} from './heat/heatBudget';
export { FRESH_BY_KIND, type AgeingKind } from './heat/freshHoney';
export {
  HEAT_RANGE_C,
  diastaseHalfLifeDays,
  hmfMgPerKgDay,
  type WarmSpell,
} from './heat/heatDamage';
export { CREAMING_RANGE_C, SEED_RANGE, creamingCourse, seedKg } from './jars/creaming';
export { fillCheck, mayMissG, type FillCheck } from './jars/fillCheck';
export { JAR_FAULTS, JAR_RANGE_G, type JarFault } from './jars/jarFaults';
export { allotJars, type Allotment, type FreeJars, type WantedJars } from './jars/occasions';
export { triangleTest } from './jars/triangleTest';
export {
  SOUR_SIGNS,
  WHITE_FEELS,
  WHITE_PLACES,
  whiteStuff,
  type SourSign,
  type WhiteCause,
  type WhiteFeel,
  type WhitePlace,
} from './jars/whiteStuff';
export { EVENT_EVERY_DAYS, HOUSE_EVENTS, type HouseEvent } from './house/houseEvents';
export { STING_SIGNS, stingAdvice, type StingAdvice, type StingSign } from './house/stings';
export { ONE_PERSON_KG, boxLift, type BoxLift } from './house/lifting';
export { buildingHoneyKg, combPlan } from './wax/combPlan';
export {
  COMB_STATES,
  WAX_ACTS,
  WAX_FORMS,
  type CombState,
  type WaxAct,
  type WaxForm,
} from './wax/waxForms';
export { cappingWaxKg, meltYields, sheetsFrom, waxOnHand, type MeltYield } from './wax/waxLedger';
export { seenPace } from './extraction/seenPace';
export { HAND_WAYS, handWays, type HandWay } from './extraction/handWays';
export { waxThrough, type WaxReason } from './flow/waxThrough';
export { simulatedWeights } from './instruments/simulatedScale';
export { weightCourse, type WeighedDay } from './season/weightCourse';
export { forecastAir, type UsualDay } from './warmRoom/forecastAir';
export { fillMl, jarPlan, labelWeight, type JarSize } from './mass/jars';
export {
  MASS_STAGES,
  massBalance,
  sharedYield,
  type MassBalance,
  type MassStage,
  type YieldShare,
} from './mass/massBalance';
export {
  CLEAN_UP_TASKS,
  WET_COMB_WAYS,
  cleanUpSteps,
  type WetCombWay,
  type CleanUpStep,
  type CleanUpTask,
} from './extraction/cleanUp';
export {
  KIT_ITEMS,
  KIT_LEAD_DAYS,
  USUAL_FRAME_KG,
  extractorFrames,
  kitNeeds,
  standInCost,
  type KitItem,
  type KitNeed,
  type StandInCost,
} from './extraction/kitList';
export { LONGEST_MIN, spunKgPerFrame, type Line } from './extraction/line';
export { atPace, lineUnderWay, type LineTicks, type LineUnderWay } from './extraction/lineProgress';
export { expectedPace, type ExpectedPace, type PastDay } from './extraction/pastPace';
export { type LineBar } from './extraction/lineRun';
export { freshState, type LineState } from './extraction/lineState';
export { extractorPlaces, loadsOf, oppositePairs, type WeighedFrame } from './extraction/loads';
export { honeyDoneMin, planLine, type LinePlan } from './extraction/planLine';
export {
  LINE_DOUBT,
  doneBand,
  lineDraw,
  type DoneBand,
  type LineDraw,
  type LineTask,
} from './extraction/replicateLine';
export { type LineCourse } from './extraction/simulateLine';
export { spunOut } from './extraction/spunOut';
export {
  TOOLS,
  TOOL_KINDS,
  judgeTools,
  secondsWithPicking,
  type ToolJudgement,
  type ToolKind,
  type UncappingTool,
} from './extraction/tools';
export {
  bottleneck,
  lineGains,
  type LineChange,
  type LineGain,
  type StageGain,
} from './extraction/whatIf';
export { pourOutlook, type PourOutlook } from './flow/pourOutlook';

export {
  type Relaxation,
  type RelaxationId,
  drierHoneyNeededKg,
  relaxations,
} from './blending/blendAdvice';
export {
  BLEND_AIMS,
  type BlendAim,
  type BlendContainer,
  type BlendTank,
  type BlendTask,
  tankConforms,
  tankMoisture,
} from './blending/blendTask';
export { type BlendPlan, bestBlend, secondBlend } from './blending/planBlend';
export {
  type BlendLimits,
  type ProgrammeSolution,
  type ProgrammeSolver,
} from './blending/programme';
export {
  type GranulationTendency,
  granulationTendency,
  liquidMoisturePercent,
} from './fermentation/granulation';
export {
  KEPT_AS,
  STORAGE_RISKS,
  type KeptAs,
  type StorageForecast,
  type StorageRisk,
  storageForecast,
} from './fermentation/storageForecast';
export {
  STORE_PLACES,
  STORE_TEMPERATURES,
  type StorePlace,
  type YearlyTemperature,
  HEMISPHERES,
  monthlyProfile,
  type Hemisphere,
} from './fermentation/stores';
export { type BestBefore, bestBefore } from './heat/bestBefore';
export { blocksOf, ferments } from './ruling/blocks';
export { type NextEvidenceId, cheapestEvidence } from './ruling/flips/cheapestEvidence';
export {
  BROODS,
  NECTARS,
  NO_CIRCUMSTANCES,
  OUTSIDE_BOXES,
  RESIDUES,
  SET_STATES,
  SOURCE_HEALTHS,
  TAINTS,
  type Circumstances,
  type OutsideBoxes,
} from './ruling/circumstances';
export { PIECE_CAPPED_SHARE, type PieceRuling, rulePieces } from './ruling/pieces';
export { type WayId } from './ruling/flips/ways';
export { type TraceEdge, lineage, nodeBalance, reached } from './trace/traceGraph';
export { studentCdf } from './stats/uncertainty';
