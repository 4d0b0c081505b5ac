import type { EntityTable } from 'dexie';
import { RECORD_KINDS, failed, ok, type AnyRecord, type RecordKind, type Result } from '../records';
import type { RipenumDatabase } from './database';
import { conflictMessage, isSameRecord, type Appended, type RecordStore } from './recordStore';

interface Sorted {
  readonly fresh: AnyRecord[];
  readonly same: AnyRecord[];
  readonly conflicting: AnyRecord[];
}

/** Kinds that occur among some records. */
const kindsIn = (records: readonly AnyRecord[]): RecordKind[] => [
  ...new Set(records.map((one) => one.kind)),
];

async function sortOut(database: RipenumDatabase, records: readonly AnyRecord[]): Promise<Sorted> {
  const sorted: Sorted = { fresh: [], same: [], conflicting: [] };
  for (const kind of kindsIn(records)) {
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
  for (const kind of kindsIn(fresh)) {
    await database.tableOf(kind).bulkAdd(fresh.filter((one) => one.kind === kind));
  }
  return { written: fresh.length, alreadyThere: same.length };
}

function everyTable<T>(
  database: RipenumDatabase,
  read: (kind: RecordKind) => Promise<T[]>,
  kinds: readonly RecordKind[] = RECORD_KINDS,
) {
  const tables = kinds.map((kind) => database.tableOf(kind));
  return database.transaction('r', tables, async () => {
    const parts = await Promise.all(kinds.map(read));
    return parts.flat();
  });
}

const entityIds = (records: readonly AnyRecord[]): string[] => [
  ...new Set(records.map((one) => one.entityId)),
];

/**
 * Rows of several keys of an index. One request a key, all under way at once: a cursor that jumps
 * from key to key takes milliseconds for each.
 */
async function ofKeys(
  table: EntityTable<AnyRecord, 'id'>,
  index: string,
  keys: readonly string[],
): Promise<AnyRecord[]> {
  const parts = await Promise.all(keys.map((key) => table.where(index).equals(key).toArray()));
  return parts.flat();
}

/** Frames that hang in a box now or did, with every look at them, wherever they hung then. */
async function ofBox(database: RipenumDatabase, boxId: string): Promise<AnyRecord[]> {
  const [frames, checks] = [database.tableOf('frame'), database.tableOf('frame-check')];
  const box = database.tableOf('box');
  return database.transaction('r', [frames, checks, box], async () => {
    const named = await frames.where('content.boxId').equals(boxId).toArray();
    const ids = entityIds(named);
    const parts = await Promise.all([
      box.where('entityId').equals(boxId).toArray(),
      ofKeys(frames, 'entityId', ids),
      ofKeys(checks, 'content.frameId', ids),
    ]);
    return parts.flat();
  });
}

/** A day at the hives: what belongs to it, its looks, their frames, and earlier looks at those. */
async function ofHarvest(database: RipenumDatabase, harvestId: string): Promise<AnyRecord[]> {
  const own = ['harvest', 'stroke', 'tally', 'guess'] as const;
  const [frames, checks] = [database.tableOf('frame'), database.tableOf('frame-check')];
  const tables = [...own.map((kind) => database.tableOf(kind)), frames, checks];
  return database.transaction('r', tables, async () => {
    const todays = await checks.where('content.harvestId').equals(harvestId).toArray();
    const frameIds = [
      ...new Set(
        todays.flatMap((one) => (one.kind === 'frame-check' ? [one.content.frameId] : [])),
      ),
    ];
    const parts = await Promise.all([
      ...own.map((kind) => database.tableOf(kind).where('ownerId').equals(harvestId).toArray()),
      ofKeys(frames, 'entityId', frameIds),
      ofKeys(checks, 'content.frameId', frameIds),
    ]);
    return parts.flat();
  });
}

/** Looks that ask for something, with every look at the same frames and the frames themselves. */
async function looksDue(database: RipenumDatabase): Promise<AnyRecord[]> {
  return framesAsking(database, async (checks) => {
    const again = await checks.where('content.decision.lookAgainDay').above('').toArray();
    const beetles = await checks.where('content.beetles').equals('adults').toArray();
    return [...again, ...beetles];
  });
}

/** Every look at the frames of some looks, and the frames themselves. */
async function framesAsking(
  database: RipenumDatabase,
  looks: (checks: EntityTable<AnyRecord, 'id'>) => Promise<AnyRecord[]>,
): Promise<AnyRecord[]> {
  const [frames, checks] = [database.tableOf('frame'), database.tableOf('frame-check')];
  return database.transaction('r', [frames, checks], async () => {
    const asking = await looks(checks);
    const frameIds = [
      ...new Set(
        asking.flatMap((one) => (one.kind === 'frame-check' ? [one.content.frameId] : [])),
      ),
    ];
    const parts = await Promise.all([
      ofKeys(checks, 'content.frameId', frameIds),
      ofKeys(frames, 'entityId', frameIds),
    ]);
    return parts.flat();
  });
}

/** Revisions kept in IndexedDB. One transaction an append, so that a failure writes nothing. */
export function createDexieRecordStore(database: RipenumDatabase): RecordStore {
  return {
    async append(records): Promise<Result<Appended>> {
      if (records.length === 0) return ok({ written: 0, alreadyThere: 0 });
      const tables = kindsIn(records).map((kind) => database.tableOf(kind));
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
    revisionsOf: (kind, entityId) =>
      database.tableOf(kind).where('entityId').equals(entityId).toArray(),
    ofOwner: (ownerId, kinds) =>
      everyTable(
        database,
        (kind) => database.tableOf(kind).where('ownerId').equals(ownerId).toArray(),
        kinds,
      ),
    ofKinds: (kinds) => everyTable(database, (kind) => database.tableOf(kind).toArray(), kinds),
    ofBox: (boxId) => ofBox(database, boxId),
    ofHarvest: (harvestId) => ofHarvest(database, harvestId),
    ofEntities: (kind, entityIds) =>
      ofKeys(database.tableOf(kind), 'entityId', [...new Set(entityIds)]),
    looksWith: (act) =>
      framesAsking(database, (checks) =>
        checks.where('content.decision.act').equals(act).toArray(),
      ),
    looksDue: () => looksDue(database),
    all: () => everyTable(database, (kind) => database.tableOf(kind).toArray()),
  };
}
