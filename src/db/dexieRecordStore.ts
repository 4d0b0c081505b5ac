import { RECORD_KINDS, failed, ok, type AnyRecord, type RecordKind, type Result } from '../records';
import type { RipenumDatabase } from './database';
import { conflictMessage, isSameRecord, type Appended, type RecordStore } from './recordStore';

interface Sorted {
  readonly fresh: AnyRecord[];
  readonly same: AnyRecord[];
  readonly conflicting: AnyRecord[];
}

async function sortOut(database: RipenumDatabase, records: readonly AnyRecord[]): Promise<Sorted> {
  const sorted: Sorted = { fresh: [], same: [], conflicting: [] };
  for (const kind of RECORD_KINDS) {
    const own = records.filter((one) => one.kind === kind);
    const kept = await database.tableOf(kind).bulkGet(own.map((one) => one.id));
    own.forEach((record, at) => {
      const there = kept[at];
      if (!there) sorted.fresh.push(record);
      else if (isSameRecord(there, record)) sorted.same.push(record);
      else sorted.conflicting.push(record);
    });
  }
  return sorted;
}

class Conflict extends Error {
  constructor(readonly records: readonly AnyRecord[]) {
    super('conflict');
  }
}

async function write(database: RipenumDatabase, records: readonly AnyRecord[]): Promise<Appended> {
  const { fresh, same, conflicting } = await sortOut(database, records);
  if (conflicting.length > 0) throw new Conflict(conflicting);
  for (const kind of RECORD_KINDS) {
    await database.tableOf(kind).bulkAdd(fresh.filter((one) => one.kind === kind));
  }
  return { written: fresh.length, alreadyThere: same.length };
}

function everyTable<T>(database: RipenumDatabase, read: (kind: RecordKind) => Promise<T[]>) {
  const tables = RECORD_KINDS.map((kind) => database.tableOf(kind));
  return database.transaction('r', tables, async () => {
    const parts = await Promise.all(RECORD_KINDS.map(read));
    return parts.flat();
  });
}

/** Revisions kept in IndexedDB. One transaction an append, so that a failure writes nothing. */
export function createDexieRecordStore(database: RipenumDatabase): RecordStore {
  const tables = RECORD_KINDS.map((kind) => database.tableOf(kind));
  return {
    async append(records): Promise<Result<Appended>> {
      try {
        return ok(await database.transaction('rw', tables, () => write(database, records)));
      } catch (error) {
        if (error instanceof Conflict) {
          return failed({ code: 'conflict', message: conflictMessage(error.records) });
        }
        return failed({
          code: 'storage-failed',
          message:
            'The browser could not store this; free some space or leave private browsing, then try again.',
          details: [error instanceof Error ? error.message : String(error)],
        });
      }
    },
    ofLot: (lotId) =>
      everyTable(database, (kind) => database.tableOf(kind).where('lotId').equals(lotId).toArray()),
    all: () => everyTable(database, (kind) => database.tableOf(kind).toArray()),
  };
}
