import Dexie, { type EntityTable } from 'dexie';
import { groupBy, say } from '../core';
import {
  RECORD_KINDS,
  failed,
  ok,
  type AnyRecord,
  type AppError,
  type RecordKind,
  type Result,
  technical,
} from '../records';
import {
  Refusal,
  checkSchemas,
  checkedAppend,
  keptFor,
  kindsReferred,
  type KeptReader,
} from './appendCheck';
import { isOfNewer, type RipenumDatabase } from './database';
import type { Appended, AppendOptions, RecordStore, RowSetAside } from './recordStore';

/** Looks up in a database, within a transaction that is under way. */
function keptReader(database: RipenumDatabase): KeptReader {
  return {
    byIds: (kind, ids) => ofIds(database.tableOf(kind), ids),
    ofEntities: (kind, ids) => ofKeys(database.tableOf(kind), 'entityId', ids),
    framesOf(boxId) {
      const frames = database.tableOf('frame');
      const named = frames.where('content.boxId').equals(boxId).toArray();
      return named.then((all) => ofKeys(frames, 'entityId', entityIds(all)));
    },
    lots: () => database.tableOf('lot').toArray(),
  };
}

async function write(
  database: RipenumDatabase,
  records: readonly AnyRecord[],
  options: AppendOptions,
): Promise<Appended> {
  const kept = await keptFor(records, keptReader(database), options);
  const fresh = checkedAppend(records, kept, options);
  for (const [kind, own] of groupBy(fresh, (record) => record.kind)) {
    await database.tableOf(kind).bulkAdd(own);
  }
  await database.journal.bulkAdd(fresh.map(({ id, kind }) => ({ id, kind })));
  const written = new Set(fresh.map((record) => record.id));
  const aside = (options.setAside ?? []).filter((setAside) => written.has(setAside.id));
  if (aside.length > 0) await database.setAside.bulkPut(aside);
  if (options.draftKey !== undefined) await database.drafts.delete(options.draftKey);
  return { written: fresh.length, alreadyThere: records.length - fresh.length };
}

/** What the browser said of a write that it refused, as one sentence for a person. */
function storageFailed(error: unknown): AppError {
  return {
    code: 'storage-failed',
    message: say('errors.storageFailed'),
    details: [technical(error)],
  };
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
  ...new Set(records.map((record) => record.entityId)),
];

/**
 * Rows of several keys of an index. One request a key, all under way at once: a cursor that jumps
 * from key to key takes milliseconds for each.
 */
export function ofKeys(
  table: EntityTable<AnyRecord, 'id'>,
  index: string,
  keys: readonly string[],
): Promise<AnyRecord[]> {
  const asked = (some: readonly string[]): Promise<AnyRecord[]> =>
    Promise.all(some.map((key) => table.where(index).equals(key).toArray())).then((all) =>
      all.flat(),
    );
  if (keys.length < MANY_KEYS) return asked(keys);
  return table
    .count()
    .then((rows) => (rows > keys.length * ROWS_A_KEY ? asked(keys) : withKeys(table, index, keys)));
}

/** From so many keys on it is looked first whether that is the quickest way: of a file brought in, few are there. */
const MANY_KEYS = 200;

/** So many rows are read as a whole in the time in which one key is asked for. */
const ROWS_A_KEY = 4;

/** The same from all rows of a table. */
function withKeys(
  table: EntityTable<AnyRecord, 'id'>,
  index: string,
  keys: readonly string[],
): Promise<AnyRecord[]> {
  const wanted = new Set<unknown>(keys);
  return table
    .toArray()
    .then((rows) => rows.filter((row) => wanted.has(Dexie.getByKeyPath(row, index))));
}

/** Rows by their own identifiers. */
function ofIds(table: EntityTable<AnyRecord, 'id'>, ids: readonly string[]): Promise<AnyRecord[]> {
  const asked = (some: readonly string[]): Promise<AnyRecord[]> =>
    table.bulkGet([...some]).then((found) => found.filter((record) => record !== undefined));
  if (ids.length < MANY_KEYS) return asked(ids);
  return table
    .toCollection()
    .primaryKeys()
    .then((there) => {
      const known = new Set(there);
      return asked(ids.filter((id) => known.has(id)));
    });
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
        todays.flatMap((today) => (today.kind === 'frame-check' ? [today.content.frameId] : [])),
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
        asking.flatMap((record) => (record.kind === 'frame-check' ? [record.content.frameId] : [])),
      ),
    ];
    const parts = await Promise.all([
      ofKeys(checks, 'content.frameId', frameIds),
      ofKeys(frames, 'entityId', frameIds),
    ]);
    return parts.flat();
  });
}

/** Rows without those that are set aside: nothing is computed from a row that breaks its schema. */
async function good(
  database: RipenumDatabase,
  rows: Promise<readonly AnyRecord[]>,
): Promise<AnyRecord[]> {
  const [found, aside] = await Promise.all([rows, database.setAside.toCollection().primaryKeys()]);
  const isAside = new Set(aside);
  return isAside.size === 0 ? [...found] : found.filter((record) => !isAside.has(record.id));
}

/** Rows of some kinds in the order of the journal. */
function inJournalOrder(
  database: RipenumDatabase,
  kinds: readonly RecordKind[],
): Promise<AnyRecord[]> {
  const tables = kinds.map((kind) => database.tableOf(kind));
  return database.transaction('r', [...tables, database.journal], async () => {
    const [journal, ...parts] = await Promise.all([
      database.journal.orderBy('at').toArray(),
      ...tables.map((table) => table.toArray()),
    ]);
    const byId = new Map(parts.flat().map((part) => [part.id, part]));
    return journal.flatMap(({ id }) => byId.get(id) ?? []);
  });
}

/** Rows set aside whose entity has moved on since are history; the others wait for a correction. */
async function rowsSetAside(database: RipenumDatabase): Promise<RowSetAside[]> {
  const all = await database.setAside.toArray();
  const found = await Promise.all(
    all.map(async (setAside): Promise<RowSetAside[]> => {
      const revisions = await database
        .tableOf(setAside.kind)
        .where('entityId')
        .equals(setAside.entityId)
        .toArray();
      const row = revisions.find((each) => each.id === setAside.id);
      const isReplaced = revisions.some((each) => each.supersedes === setAside.id);
      return row && !isReplaced && !row.withdrawn ? [{ ...setAside, row }] : [];
    }),
  );
  return found.flat();
}

/** Revisions kept in IndexedDB. One transaction an append, so that a failure writes nothing. */
export function createDexieRecordStore(database: RipenumDatabase): RecordStore {
  const read = (rows: Promise<readonly AnyRecord[]>): Promise<AnyRecord[]> => good(database, rows);
  return {
    async append(records, options = {}): Promise<Result<Appended>> {
      if (records.length === 0) return ok({ written: 0, alreadyThere: 0 });
      const { journal, setAside, drafts } = database;
      try {
        const checked = checkSchemas(records, options);
        const kinds = new Set<RecordKind>([...kindsReferred(checked), 'frame']);
        const tables = [...kinds].map((kind) => database.tableOf(kind));
        return ok(
          await database.transaction('rw', [...tables, journal, setAside, drafts], () =>
            write(database, checked, options),
          ),
        );
      } catch (error) {
        if (error instanceof Refusal) return error.result();
        if (isOfNewer(error)) {
          return failed({ code: 'newer-database', message: say('errors.newerDatabase') });
        }
        return failed(storageFailed(error));
      }
    },
    revisionsOf: (kind, entityId) =>
      read(database.tableOf(kind).where('entityId').equals(entityId).toArray()),
    ofOwner: (ownerId, kinds) =>
      read(
        everyTable(
          database,
          (kind) => database.tableOf(kind).where('ownerId').equals(ownerId).toArray(),
          kinds,
        ),
      ),
    ofKinds: (kinds) =>
      read(everyTable(database, (kind) => database.tableOf(kind).toArray(), kinds)),
    ofBox: (boxId) => read(ofBox(database, boxId)),
    ofHarvest: (harvestId) => read(ofHarvest(database, harvestId)),
    ofEntities: (kind, entityIds) =>
      read(ofKeys(database.tableOf(kind), 'entityId', [...new Set(entityIds)])),
    looksWith: (act) =>
      read(
        framesAsking(database, (checks) =>
          checks.where('content.decision.act').equals(act).toArray(),
        ),
      ),
    looksDue: () => read(looksDue(database)),
    looksSince: (moment) =>
      read(
        framesAsking(database, (checks) =>
          checks.where('recordedAt').aboveOrEqual(moment).toArray(),
        ),
      ),
    all: () => read(everyTable(database, (kind) => database.tableOf(kind).toArray())),
    inOrder: (kinds) => inJournalOrder(database, kinds),
    async journal() {
      const rows = await database.journal.orderBy('at').toArray();
      return rows.map(({ id, kind }) => ({ id, kind }));
    },
    rows: (kind, ids) => ofIds(database.tableOf(kind), ids),
    setAside: () => rowsSetAside(database),
  };
}
