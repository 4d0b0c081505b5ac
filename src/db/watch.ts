import { liveQuery } from 'dexie';
import { BOOK_KINDS, type AnyRecord } from '../records';
import { databaseOf } from './database';
import { createDexieRecordStore } from './dexieRecordStore';
import { stillShown } from './useRecords';
import type { Workspace } from './workspaces';

/** Calls back with the records of the book now, and whenever they change in any tab; returns the way to stop. */
export function watchBook(
  workspace: Workspace,
  changed: (records: readonly AnyRecord[]) => void,
): () => void {
  const store = createDexieRecordStore(databaseOf(workspace));
  const subscription = liveQuery(() =>
    store.ofKinds(BOOK_KINDS).catch(stillShown<AnyRecord[]>),
  ).subscribe({
    next: changed,
  });
  return () => subscription.unsubscribe();
}
