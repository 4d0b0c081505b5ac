/** What is stored, checked and exchanged; other layers import from here. */
export { type SetAside, type Trouble, checkedRecord, setAsideOf } from './checked';
export { DEFAULT_PREFERENCES } from './defaultPreferences';
export {
  between,
  nameField,
  reasonField,
  requiredText,
  wholeBetween,
  wrongMessage,
} from './fields';
export { current, heads, inOrder } from './heads';
export { holdingOf } from './holding';
export { migrated } from './migrations';
export { dayOfMoment } from './moments';
export { type Preferences, type Scheme, SCHEMES, preferencesSchema } from './preferences';
export {
  type AnyRecord,
  BLEND_KINDS,
  BOOK_KINDS,
  type ContentOf,
  EXTRACTION_KINDS,
  KIND_FACTS,
  LOT_KINDS,
  type LotRecord,
  OWNER_KINDS,
  RECORD_KINDS,
  type RecordKind,
  type RecordOf,
  WARM_ROOM_KINDS,
  isLotRecord,
} from './record';
export { referenceTroubles, referredIds, referredIn } from './references';
export { type AppError, type Result, failed, ok, technical } from './result';
export { type Change, type Scribe, entryRevision, firstRevision, nextRevision } from './revise';
export { type Stale, mergedRevision, onTopOf } from './stale';
export { vesselId, vesselIdOf, vesselRefOf } from './vesselRef';
export { z } from './zod';
export { type ColourContent, type ColourReading, colourContentSchema } from './bench/colour';
export {
  BAUD_RATES,
  type Connection,
  type Instrument,
  type InstrumentContent,
  type InstrumentKind,
  instrumentContentSchema,
} from './bench/instrument';
export { type LabReport, type LabReportContent, labReportContentSchema } from './bench/labReport';
export { type Proof } from './bench/proof';
export {
  type Reading,
  type ReadingContent,
  dialReadingOf,
  readingContentSchema,
} from './bench/reading';
export {
  type SamplingPlan,
  type SamplingPlanContent,
  samplingPlanContentSchema,
} from './bench/samplingPlan';
export {
  NOTES,
  type Note,
  type Senses,
  type SensesContent,
  sensesContentSchema,
} from './bench/senses';
export {
  MOST_LOOKS,
  type ZeroCheckContent,
  type ZeroCheckRecord,
  referenceOf,
  zeroCheckContentSchema,
  zeroPointOf,
} from './bench/zeroCheck';
export { canonicalText } from './exchange/digest';
export { BROKEN_SEAL, type BadRow, FileReading } from './exchange/fileReading';
export { FileWriter, fileHead } from './exchange/fileText';
export { CHAINED_KINDS, lotDigest } from './exchange/lotDigest';
export type { SignatureContent } from './lots/signature';
export { type Rivalry, differencesOf, rivalriesOf } from './exchange/merge';
export { type MergeEffect, mergeEffects } from './exchange/mergeEffects';
export {
  damagedFile,
  findingsOf,
  parseRecordFile,
  recordFileJsonSchema,
  recordFileOf,
  recordFileText,
} from './exchange/recordFile';
export {
  type DigestHit,
  type FileVerdict,
  FileVerification,
  verifyFile,
} from './exchange/verifyFile';
export { type Box, type BoxContent, boxContentSchema } from './hives/box';
export { type Colony, type ColonyContent, colonyContentSchema } from './hives/colony';
export { type Flow, type FlowContent, flowContentSchema } from './hives/flow';
export { type Frame, type FrameContent } from './hives/frame';
export {
  BROOD_STAGES,
  COMB_COLOURS,
  type FrameCheck,
  type FrameCheckContent,
  type Method,
  type Side,
  frameCheckContentSchema,
} from './hives/frameCheck';
export { type GivenContent, type GivenRecord, givenContentSchema } from './hives/given';
export { type GuessRecord, guessContentSchema } from './hives/guess';
export { type Harvest, type HarvestContent, harvestContentSchema } from './hives/harvest';
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
} from './hives/marks';
export { type OwnFormat, ownFormatContentSchema } from './hives/ownFormat';
export {
  type OwnRuleSet,
  type OwnRuleSetContent,
  coreRuleSet,
  ownRuleSetContentSchema,
} from './hives/ownRuleSet';
export { type OwnSchoolContent, ownSchoolContentSchema } from './hives/ownSchool';
export { type Photo } from './hives/photo';
export {
  type SeasonNote,
  type SeasonNoteContent,
  seasonNoteContentSchema,
} from './hives/seasonNote';
export { type SeasonPlan, type SeasonPlanContent } from './hives/seasonPlan';
export { type Weather, type WeatherContent } from './hives/weather';
export { occasionContentSchema, type Occasion } from './store/occasion';
export { jarCheckContentSchema, type JarCheck, type JarCheckContent } from './store/jarCheck';
export { hiveWeightContentSchema, type HiveWeight } from './hives/hiveWeight';
export { type LeavingAct } from './hives/leavingAct';
export { waxContentSchema, type Wax, type WaxContent } from './line/wax';
export type { Proposal } from './hives/look';
export type { PracticeLook, PracticeLookContent } from './practice/practiceLook';
export type { CellLesson } from './practice/cellLesson';
export { houseLogContentSchema, type HouseLog, type HouseLogContent } from './line/houseLog';
export { type Survey, type SurveyContent, surveyContentSchema } from './hives/survey';
export { HIVE_JOBS, type HiveJob, type Tally, type TallyContent } from './hives/tally';
export { type Yard, type YardContent, yardContentSchema } from './hives/yard';
export { type Chore } from './line/chore';
export {
  DISEASE_STATES,
  type Extraction,
  type ExtractionContent,
  extractionContentSchema,
} from './line/extraction';
export {
  type FrameWeighing,
  type FrameWeighingContent,
  frameWeighingContentSchema,
} from './line/frameWeighing';
export { type LineTickRecord, TICKS, type Tick } from './line/lineTick';
export { type OwnTool, type OwnToolContent, ownToolContentSchema } from './line/ownTool';
export { type Pour, type PourContent, pourContentSchema } from './line/pour';
export { type Stock } from './line/stock';
export {
  COMB_STEPS,
  type CircumstancesContent,
  type CircumstancesRecord,
  circumstancesContentSchema,
} from './lots/circumstances';
export {
  type CombJudgement,
  type CombJudgementContent,
  combJudgementContentSchema,
} from './lots/combJudgement';
export {
  type Container,
  type ContainerContent,
  type ContainerKind,
  SUSPICIONS,
  type Suspicion,
  containerContentSchema,
} from './lots/container';
export {
  type HeatOccasion,
  type HeatSpell,
  type HeatSpellContent,
  heatSpellContentSchema,
} from './lots/heatSpell';
export { type Lot, type LotContent, freshLotContent, lotContentSchema } from './lots/lot';
export { type LotFrame, type LotFrames, type LotFramesContent } from './lots/lotFrames';
export { type PieceContent, type PieceRecord, pieceContentSchema } from './lots/piece';
export { type RulingContent, type RulingRecord, rulingContentSchema } from './lots/ruling';
export { type SettlingContent, type SettlingRecord, settlingContentSchema } from './lots/settling';
export { type Weighing, type WeighingContent, weighingContentSchema } from './lots/weighing';
export {
  type AirLog,
  type AirLogContent,
  type LogPlace,
  MOST_LOG_ENTRIES,
  airLogContentSchema,
} from './room/airLog';
export {
  type BatchCheck,
  type BatchCheckContent,
  type CheckedPart,
  batchCheckContentSchema,
} from './room/batchCheck';
export {
  type Batch,
  type BatchContent,
  batchContentSchema,
  batchEndMs,
  isForgotten,
} from './room/dryingBatch';
export {
  type Heating,
  type WarmRoomContent,
  type WarmRoomRecord,
  warmRoomContentSchema,
  rainSchema,
  type Rain,
} from './room/warmRoom';
export { type Blend, type BlendContent, type BlendTick } from './store/blend';
export { CALL_BACK_ENDS, type CallBack, type CallBackEnd } from './store/callBack';
export {
  type JarMove,
  type JarMoveContent,
  PURPOSES,
  type Purpose,
  jarMoveContentSchema,
} from './store/jarMove';
export {
  type LabelDesign,
  type LabelDesignContent,
  type LabelSheet,
  labelDesignContentSchema,
} from './store/labelDesign';
export { type Packing, type PackingContent, packingContentSchema } from './store/packing';
export { RELEASE_USES, type Release, type ReleaseUse } from './store/release';
export {
  type PlaceKind,
  type StoreAct,
  type StoreMove,
  type StoreMoveContent,
  storeMoveContentSchema,
} from './store/storeMove';
