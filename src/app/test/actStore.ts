import { createDexieRecordStore, databaseOf, throwAway } from '../../db';
import { current, type AnyRecord, type RecordKind, type RecordOf } from '../../records';
import { createStore, undo, type AppStore, type RecordAct } from '../../store';

/** Acts done on the storage of the test, and what came of them. */
export interface ActStore {
  readonly store: AppStore;
  /** does an act; what it wrote */
  readonly does: (act: RecordAct) => Promise<readonly AnyRecord[]>;
  readonly undoes: () => Promise<void>;
  /** what holds of a kind, without what was removed */
  readonly stored: <K extends RecordKind>(kind: K) => Promise<RecordOf<K>[]>;
  /** what the line at the foot of the page says */
  readonly said: () => unknown;
}

/** An empty workspace with these records in it. */
export async function actStore(records: readonly AnyRecord[] = []): Promise<ActStore> {
  const session = new Map<string, string>();
  globalThis.sessionStorage ??= {
    getItem: (key: string) => session.get(key) ?? null,
    setItem: (key: string, value: string) => void session.set(key, value),
  } as unknown as Storage;
  await throwAway('mine');
  const rows = createDexieRecordStore(databaseOf('mine'));
  const filled = await rows.append(records);
  if (!filled.ok) throw new Error(filled.error.message.key);
  const store = createStore();
  return {
    store,
    does: async (act) => {
      const done = await store.dispatch(act);
      if (!done.ok) throw new Error(done.error.message.key);
      return done.value;
    },
    undoes: () => store.dispatch(undo()),
    stored: async (kind) => {
      const all = await rows.ofKinds([kind]);
      return current(all).filter((record): record is RecordOf<typeof kind> => record.kind === kind);
    },
    said: () => store.getState().acts.notice?.text,
  };
}
