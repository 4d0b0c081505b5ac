import { useLiveQuery } from 'dexie-react-hooks';
import type { AnyRecord } from '../records';
import { databaseOf } from './database';
import { createDexieRecordStore } from './dexieRecordStore';
import type { Workspace } from './workspaces';

/** Every revision of a workspace, kept up to date across tabs; undefined while loading. */
export function useAllRecords(workspace: Workspace): AnyRecord[] | undefined {
  return useLiveQuery(() => createDexieRecordStore(databaseOf(workspace)).all(), [workspace]);
}

/** Every revision of one lot, kept up to date across tabs; undefined while loading. */
export function useLotRecords(workspace: Workspace, lotId: string): AnyRecord[] | undefined {
  return useLiveQuery(
    () => createDexieRecordStore(databaseOf(workspace)).ofLot(lotId),
    [workspace, lotId],
  );
}
