/** What is stored, checked and exchanged; other layers import from here. */
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
} from './book';
export { type Box, type BoxContent, boxContentSchema } from './box';
export { classOf, pfundOf } from './benchEvidence';
export { type Colony, type ColonyContent, colonyContentSchema } from './colony';
export { type ColourContent, type ColourReading, colourContentSchema } from './colour';
export { type CombJudgementContent, combJudgementContentSchema } from './combJudgement';
export {
  type Container,
  type ContainerContent,
  type ContainerKind,
  SUSPICIONS,
  type Suspicion,
  containerContentSchema,
} from './container';
export { dayNumber, isoDayOf, localDayOf, momentOfWall, wallMs } from './days';
export { DEFAULT_PREFERENCES } from './defaultPreferences';
export { type Flow, type FlowContent, flowContentSchema } from './flow';
export { type Frame, type FrameContent } from './frame';
export {
  BROOD_STAGES,
  COMB_COLOURS,
  type FrameCheckContent,
  type Method,
  type Side,
} from './frameCheck';
export { HEFT_PLUS_MINUS_KG, cappingOf, frameEvidenceFrom, sharesOf } from './frameEvidence';
export { type FrameLook, freshLook, freshSide } from './freshLook';
export { type GivenContent, type GivenRecord, givenContentSchema } from './given';
export { type GuessRecord, guessContentSchema } from './guess';
export { type Harvest, type HarvestContent, harvestContentSchema } from './harvest';
export {
  type BoxPlace,
  type HarvestFile,
  type KeptStory,
  boxPlaces,
  harvestFileOf,
  lastLooks,
  looksAgainDue,
} from './harvestFile';
export { current, heads, inOrder } from './heads';
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
} from './judging';
export {
  BAUD_RATES,
  type Connection,
  type Instrument,
  type InstrumentContent,
  type InstrumentKind,
  instrumentContentSchema,
} from './instrument';
export { type LabReport, type LabReportContent, labReportContentSchema } from './labReport';
export { lookRecords } from './lookRecords';
export { type LotContent, freshLotContent, lotContentSchema } from './lot';
export {
  type LotContents,
  contentsOf,
  evidenceFrom,
  readingEvidence,
  vesselLabelOf,
  vesselsOf,
} from './lotEvidence';
export { type LotFile, evidenceIdsOf, isRulingOutdated, lotFileOf, lotFilesOf } from './lotFile';
export { type LotFrame, type LotFrames, type LotFramesContent } from './lotFrames';
export {
  type KeptJudgedFrame,
  lotFrameOf,
  lotFrameOfStroke,
  lotFramesContent,
  makeUpColours,
  makeUpCount,
  makeUpMass,
  makeUpStates,
} from './lotMakeUp';
export {
  CELL_COLUMNS,
  CELL_COUNT,
  CELL_ROWS,
  MARK_LETTERS,
  POINT_COLUMNS,
  POINT_COUNTS,
  POINT_ROWS,
  UNMARKED,
  isMarked,
  markCounts,
} from './marks';
export {
  type Meter,
  type Meters,
  NO_METERS,
  metersOf,
  meteredReading,
  wouldBePercent,
  learnedZero,
} from './meters';
export { migrated } from './migrations';
export { type OwnFormat, ownFormatContentSchema } from './ownFormat';
export {
  type OwnRuleSet,
  type OwnRuleSetContent,
  coreRuleSet,
  ownRuleSetContentSchema,
} from './ownRuleSet';
export { type OwnSchool, type OwnSchoolContent, ownSchoolContentSchema } from './ownSchool';
export { dayOfMoment } from './moments';
export { type DatedPastLot, pastLotsBefore } from './pastLots';
export { type Photo } from './photo';
export { type Preferences, preferencesSchema } from './preferences';
export { type Proof } from './proof';
export { repeatabilityFor, repeatabilityOf } from './readers';
export { type Reading, type ReadingContent, readingContentSchema } from './reading';
export {
  type AirLog,
  type AirLogContent,
  type LogPlace,
  MOST_LOG_ENTRIES,
  airLogContentSchema,
} from './airLog';
export {
  type BatchCheck,
  type BatchCheckContent,
  type CheckedPart,
  batchCheckContentSchema,
} from './batchCheck';
export {
  type Batch,
  type BatchContent,
  batchContentSchema,
  batchEndMs,
  isForgotten,
} from './dryingBatch';
export { type BatchFile, type RoomFile, roomFilesOf, stretchesOf } from './roomFile';
export { BOX_TARE_KG, type RoomRun, coreBatch, honeyParts, roomRun, seriesOf } from './roomRun';
export { combPlaces, cropPlaces, endedDays, readerPlaces } from './foretold';
export { type RoomTask, readingsDue, roomTasks } from './roomTasks';
export {
  type Heating,
  type WarmRoomContent,
  type WarmRoomRecord,
  warmRoomContentSchema,
} from './warmRoom';
export {
  type AnyRecord,
  BOOK_KINDS,
  BLEND_KINDS,
  EXTRACTION_KINDS,
  type ContentOf,
  LOT_KINDS,
  type LotRecord,
  KIND_FACTS,
  RECORD_KINDS,
  type RecordKind,
  type RecordOf,
  WARM_ROOM_KINDS,
} from './record';
export { parseRecordFile, recordFileJsonSchema, recordFileOf, recordFileText } from './recordFile';
export { type AppError, type Result, failed, ok } from './result';
export { type Change, type Scribe, entryRevision, firstRevision, nextRevision } from './revise';
export { type RulingContent, type RulingRecord, rulingContentSchema } from './ruling';
export { type SamplingPlanContent, samplingPlanContentSchema } from './samplingPlan';
export { NOTES, type Senses, type SensesContent, sensesContentSchema } from './senses';
export { type Signature, signedRulingContent } from './signedRuling';
export { type Stroke, type StrokeContent, strokeContentSchema } from './stroke';
export {
  framesOfStroke,
  heldBoxes,
  strokeAct,
  strokeParts,
  strokePartsOfDay,
  typedBoxes,
  verdictOfStroke,
} from './strokeEvidence';
export { type PailsOfDay, pailsOfDay, suggestedContainers } from './suggestedContainers';
export { type TallyContent } from './tally';
export { USUAL_DAY } from './usualDay';
export { vesselIdOf, vesselId, vesselRefOf } from './vesselRef';
export { type Workshop, knownFor, workshopOf, readingsOfBefore } from './workshop';
export { type Yard, type YardContent, yardContentSchema } from './yard';
export {
  MOST_LOOKS,
  type ZeroCheckContent,
  type ZeroCheckRecord,
  referenceOf,
  zeroCheckContentSchema,
} from './zeroCheck';
export {
  DISEASE_STATES,
  type Extraction,
  type ExtractionContent,
  extractionContentSchema,
} from './extraction';
export {
  type ExtractionFile,
  type HoneyHouse,
  type NamedTool,
  honeyHouseOf,
} from './extractionFile';
export {
  type DayNow,
  calibrationOf,
  dayNow,
  expectedFlow,
  lineOf,
  clockMin,
  momentOfClock,
  plainStrainer,
  pourNow,
  strainedHoney,
} from './extractionLine';
export {
  type FrameWeighing,
  type FrameWeighingContent,
  frameWeighingContentSchema,
} from './frameWeighing';
export {
  type HeatOccasion,
  type HeatSpell,
  type HeatSpellContent,
  heatSpellContentSchema,
} from './heatSpell';
export { TICKS, type Tick } from './lineTick';
export { type LotHeat, lotHeat, spellsOfLog } from './lotHeat';
export { type LotMass, lotMass } from './lotMass';
export { type OwnTool, type OwnToolContent, ownToolContentSchema } from './ownTool';
export { type Pour, pourContentSchema } from './pour';
export { type SettlingContent, type SettlingRecord, settlingContentSchema } from './settling';
export { nextSkim, settlingTask } from './settlingTask';
export { type Weighing, type WeighingContent, weighingContentSchema } from './weighing';
export { between } from './fields';
export { frameCheckContentSchema } from './frameCheck';
export { z } from './zod';
export { type Around, framesToAsk } from './aroundEvidence';
export { type Blend, type BlendContent, type BlendTick } from './blend';
export { COMB_STEPS, type CircumstancesContent, circumstancesContentSchema } from './circumstances';
export { canonicalText } from './digest';
export { CALL_BACK_ENDS, type CallBackEnd } from './callBack';
export { ripePieces } from './ripePieces';
export { RELEASE_USES, type Release, type ReleaseUse } from './release';
export {
  PURPOSES,
  type JarMove,
  type JarMoveContent,
  type Purpose,
  jarMoveContentSchema,
} from './jarMove';
export {
  type LabelDesign,
  type LabelDesignContent,
  type LabelSheet,
  labelDesignContentSchema,
} from './labelDesign';
export { type Rivalry, differencesOf, rivalriesOf } from './merge';
export { type MergeEffect, mergeEffects } from './mergeEffects';
export { OWNER_KINDS, isLotRecord } from './record';
export { damagedFile, findingsOf } from './recordFile';
export { type PouredLine, parentLots, pouredLines } from './pouring';
export { type Packing, type PackingContent, packingContentSchema } from './packing';
export { type PieceContent, type PieceRecord, pieceContentSchema } from './piece';
export { CHAINED_KINDS, lotDigest } from './lotDigest';
export { type SeasonNote, type SeasonNoteContent, seasonNoteContentSchema } from './seasonNote';
export { type JarStock, type StoredVessel, jarStocks, storedVessels } from './store';
export {
  type PlaceKind,
  type StoreAct,
  type StoreMoveContent,
  storeMoveContentSchema,
} from './storeMove';
export {
  TRACE_KINDS,
  type Trace,
  type TraceKind,
  type TraceNode,
  jarsNode,
  lotNode,
  packingOfCode,
  traceOf,
} from './trace';
export { type DigestHit, FileVerification, type FileVerdict, verifyFile } from './verifyFile';
export { BROKEN_SEAL, type BadRow, FileReading } from './fileReading';
export { FileWriter, fileHead } from './fileText';
export {
  type BiasLine,
  type SeasonReport,
  eyeBias,
  groupYields,
  meanBias,
  seasonReport,
} from './seasonReport';
export { type SetAside, type Trouble, checkedRecord, setAsideOf } from './checked';
export { referenceTroubles, referredIds, referredIn } from './references';
export { type Stale, mergedRevision, onTopOf } from './stale';
export { reasonField } from './fields';
