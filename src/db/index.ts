/** Storage; other layers import from here. */
export { databaseOf } from './database';
export { createDexieRecordStore } from './dexieRecordStore';
export { type Drafts, dropDraft, keepDraft, takeOverDrafts } from './drafts';
export type { Appended, RecordStore } from './recordStore';
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
} from './useRecords';
export { watchBook } from './watch';
export { WORKSPACES, type Workspace } from './workspaces';
