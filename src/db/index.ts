/** Storage; other layers import from here. */
export { checkRows } from './checkRows';
export { NewerDatabaseError, databaseOf, deleteWorkspace, onSuperseded } from './database';
export { createDexieRecordStore } from './dexieRecordStore';
export { type Drafts, draftRowKey, dropDraft, keepDraft, takeOverDrafts } from './drafts';
export type { Appended, AppendOptions, RecordStore, RowSetAside } from './recordStore';
export { type WrittenFile, exportFile } from './files/exportFile';
export {
  type BroughtIn,
  type Clash,
  type ImportPlan,
  bringIn,
  planImport,
} from './files/importFile';
export { type FileProgress, textOf } from './files/progress';
export { loadPreferences, savePreferences } from './settings';
export {
  useEntities,
  useLooksWith,
  useAllLotRecords,
  useBoxRecords,
  useHarvestRecords,
  useInOrder,
  useLooksDue,
  useLotRecords,
  usePhotoRecords,
  useProofRecords,
  useRecordsOf,
  useSetAside,
} from './useRecords';
export { watchBook } from './watch';
export { WORKSPACES, type Workspace } from './workspaces';
