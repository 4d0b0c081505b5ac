/** What is read from records and asked of the core; the application imports from here. */
export { dayNumber, isoDayOf, localDayOf, momentOfWall, wallMs } from './days';
export {
  type Book,
  bookOf,
  boxOf,
  colonyOf,
  flowOf,
  formatOf,
  harvestOf,
  yardOf,
  yardOfBox,
} from './day/book';
export {
  classOfLetter,
  isPhotoTooUnclear,
  overruled,
  photoCappingOf,
  proposalOf,
  withConfirmedPoint,
  withSetPoints,
} from './day/photoSide';
export { photoGrid, pointPlaces } from './day/pointPlaces';
export { eveningGuesses } from './practice/evening';
export { combLooks, eyeOfReader, practiceReaders, practised } from './practice/eyes';
export { HEFT_PLUS_MINUS_KG, cappingOf, frameEvidenceFrom, sharesOf } from './day/frameEvidence';
export { type FrameLook, freshLook, freshSide } from './day/freshLook';
export {
  type BoxPlace,
  type KeptStory,
  boxPlaces,
  harvestFileOf,
  lastLooks,
  looksAgainDue,
} from './day/harvestFile';
export {
  type FrameStory,
  type JudgedFrame,
  type Judging,
  allowedOverride,
  decideContext,
  decisionContent,
  judgeFrames,
  judgingOf,
  keepTargetsKg,
  limitOfDay,
  undecided,
} from './day/judging';
export { type Leaving, leavingOf } from './day/leaving';
export { visitOf } from './day/visit';
export { lookRecords } from './day/lookRecords';
export {
  framesOfSurvey,
  heldBoxes,
  surveyAct,
  surveyParts,
  surveyPartsOfDay,
  typedBoxes,
  glanceOfSurvey,
  verdictOfSurvey,
} from './day/surveyEvidence';
export {
  type ExtractionFile,
  type HoneyHouse,
  type NamedTool,
  honeyHouseOf,
} from './line/extractionFile';
export {
  type DayNow,
  calibrationOf,
  clockMin,
  dayNow,
  expectedFlow,
  lineOf,
  momentOfClock,
  plainStrainer,
  pourNow,
  strainedHoney,
} from './line/extractionLine';
export { nextSkim, settlingTask } from './line/settlingTask';
export { type PailsOfDay, pailsOfDay, suggestedContainers } from './line/suggestedContainers';
export { USUAL_DAY, nextStart, usualLine } from './line/usualDay';
export { type RelatedRecords, framesToAsk } from './lot/relatedEvidence';
export { classOf, pfundOf } from './lot/benchEvidence';
export { combPlaces, cropPlaces, endedDays, readerPlaces } from './lot/forecastPlaces';
export {
  type LotContents,
  contentsOf,
  evidenceFrom,
  readingEvidence,
  vesselLabelOf,
  vesselsOf,
} from './lot/lotEvidence';
export {
  type LotFile,
  evidenceIdsOf,
  isRulingOutdated,
  lotFileOf,
  keptLotFiles,
  lotFilesOf,
} from './lot/lotFile';
export { type LotHeat, lotHeat, spellsOfLog } from './lot/lotHeat';
export {
  lotFrameOf,
  lotFrameOfSurvey,
  lotFramesContent,
  compositionColours,
  compositionCount,
  compositionMass,
  compositionStates,
} from './lot/lotComposition';
export { type LotMass, lotMass } from './lot/lotMass';
export { type LotWay, type WayPlace, WAY_PLACES, lotWay } from './lot/lotWay';
export {
  type Meter,
  type Meters,
  NO_METERS,
  learnedZero,
  meteredReading,
  metersOf,
  wouldBePercent,
} from './lot/meters';
export { type DatedPastLot, pastLotsBefore } from './lot/pastLots';
export { repeatabilityFor, repeatabilityOf } from './lot/readers';
export { ripePieces } from './lot/ripePieces';
export { type Signature, signedRulingContent } from './lot/signedRuling';
export { type Ledger, knownFor, readingsOfBefore, ledgerOf } from './lot/ledger';
export { type BatchFile, type RoomFile, roomFilesOf, stretchesOf } from './room/roomFile';
export {
  BOX_TARE_KG,
  type RoomRun,
  coreBatch,
  honeyParts,
  roomRun,
  seriesOf,
} from './room/roomRun';
export { type RoomTask, readingsDue, roomTasks } from './room/roomTasks';
export {
  type BiasLine,
  type SeasonReport,
  eyeBias,
  groupYields,
  meanBias,
  seasonReport,
} from './season/seasonReport';
export { isToReread, rereadsOf, type Reread } from './lot/rereads';
export { parentLots, pouredLines, pouredMoisture } from './store/pouring';
export { type JarStock, type StoredVessel, jarStocks, storedVessels } from './store/store';
export { type StoredLot, storeOf } from './store/storedLots';
export { heaviestBox } from './day/lifting';
export { weatherOfAll } from './season/weather';
export { beesInstead } from './room/beesInstead';
export { hasMixedMachines, joinedRoom, sharingWith } from './room/joinedRoom';
export { roundOf, type RoundStop } from './season/round';
export { jarBoard, type OccasionPlan, type RunOfJars } from './store/occasions';
export {
  TRACE_KINDS,
  type Trace,
  type TraceKind,
  type TraceNode,
  jarsNode,
  lotNode,
  packingOfCode,
  traceOf,
} from './store/trace';
export {
  type RuledLot,
  type UnruledLot,
  type RuledLots,
  bySeverity,
  ruledLot,
  ruledLots,
} from './lot/ruledLots';
export { type OpenCallBack, openCallBacks, callBacksOf } from './lot/callBacks';
export {
  doneFrames,
  climateOfDay,
  crop,
  frameCounts,
  schoolsOnDay,
  leftForColony,
} from './day/dayEvidence';
export { type HarvestDay, type KeptJudgedFrame, harvestDayOf } from './day/harvestDay';
export {
  type SeasonAct,
  type SeasonBoard,
  type SeasonSources,
  seasonBoard,
} from './season/seasonBoard';
export { type FlowHistory, type FlowOnDay, flowHistories, flowOnDay } from './season/flowBoard';
export { honeyOfYards, lotsOtherwiseCalled } from './season/honeyOfYards';
export { isClosing, type YardBoard } from './season/yardBoard';
