/** Storage; other layers import from here. */
export { checkRows } from './checkRows';
export { NewerDatabaseError, databaseOf, deleteWorkspace, onSuperseded } from './database';
export { createDexieRecordStore } from './dexieRecordStore';
export { type Drafts, dropDraft, keepDraft, takeOverDrafts } from './drafts';
export type { Appended, AppendOptions, RecordStore, RowSetAside } from './recordStore';
export { loadPreferences, savePreferences } from './settings';
export {
  useEntities,
  useLooksWith,
  useAllLotRecords,
  useBoxRecords,
  useHarvestRecords,
  useLooksDue,
  useLotRecords,
  usePhotoRecords,
  useProofRecords,
  useRecordsOf,
  useSetAside,
} from './useRecords';
export { watchBook } from './watch';
export { WORKSPACES, type Workspace } from './workspaces';
