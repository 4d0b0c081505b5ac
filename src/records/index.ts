/** What is stored, checked and exchanged; other layers import from here. */
export { type CombJudgementContent, combJudgementContentSchema } from './combJudgement';
export {
  CONTAINER_KINDS,
  type Container,
  type ContainerContent,
  type ContainerKind,
  containerContentSchema,
} from './container';
export { current, heads } from './heads';
export { type LotContent, freshLotContent, lotContentSchema } from './lot';
export { type LotContents, contentsOf, evidenceFrom, vesselId, vesselsOf } from './lotEvidence';
export { type LotFile, evidenceIdsOf, isRulingOutdated, lotFileOf, lotFilesOf } from './lotFile';
export { DEFAULT_PREFERENCES } from './defaultPreferences';
export { type Preferences, preferencesSchema } from './preferences';
export { type Reading, type ReadingContent, readingContentSchema } from './reading';
export { type AnyRecord, RECORD_KINDS, type RecordKind, type RecordOf } from './record';
export { parseRecordFile, recordFileJsonSchema, recordFileOf } from './recordFile';
export { type AppError, type Result, failed, ok } from './result';
export { type Change, type Scribe, firstRevision, nextRevision } from './revise';
export { type RulingContent, rulingContentSchema } from './ruling';
export { z } from './zod';
export { type Signature, signedRulingContent } from './signedRuling';
