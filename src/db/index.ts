/** Storage; other layers import from here. */
export { checkRows } from './checkRows';
export { isCopyDue, keepCopyMark } from './copies';
export { databaseOf, onSuperseded } from './database';
export { createDexieRecordStore } from './dexieRecordStore';
export { type Drafts, draftRowKey, dropDraft, keepDraft, takeOverDrafts } from './drafts';
export type { AppendOptions, RecordStore, RowSetAside } from './recordStore';
export type { Clash } from './files/importFile';
export type { FileProgress } from './files/progress';
export { askForLasting, storageState, type StorageState } from './lasting';
export { lotsKept } from './lotsKept';
export { loadClock, loadPreferences, saveClock, savePreferences } from './settings';
export {
  useCopyFolder,
  useCopyState,
  useLooksWith,
  useBoxRecords,
  useHarvestRecords,
  useInOrder,
  useLooksDue,
  useLooksSince,
  usePhotoRecords,
  useProofRecords,
  useRecordsOf,
  useSetAside,
} from './useRecords';
export { onTakenAway, snapshotOf, throwAway, type Snapshot, type SnapshotState } from './snapshot';
export { WORKSPACES, type Workspace } from './workspaces';
