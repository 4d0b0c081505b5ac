import Dexie, { type EntityTable, type Transaction } from 'dexie';
import type { SettingRow } from './settingRows';
import type { Workspace } from './workspaces';
import {
  KIND_FACTS,
  RECORD_KINDS,
  migrated,
  type AnyRecord,
  type RecordKind,
  type SetAside,
} from '../records';

/** What is being typed into one form of one tab. */
export interface DraftRow {
  /** tab and form */
  readonly key: string;
  readonly tabId: string;
  readonly formKey: string;
  readonly values: Record<string, unknown>;
  readonly savedAt: string;
  /** of the forms of the version that wrote it; none before the fields had the names of their records */
  readonly shape?: number;
}

/** In which order rows were appended: the clock may be wrong, this is not. */
export interface JournalRow {
  /** given by the database */
  readonly at?: number;
  readonly id: string;
  readonly kind: RecordKind;
}

/** Primary key and indexes of every record table. */
const RECORD_INDEXES = 'id, entityId, ownerId, recordedAt';

/**
 * The oldest version that is named to the database: what is older is brought to it at one go, since all
 * that are named are read at every start.
 */
const OLDEST = 5;

/** The kinds that a version of the database knows. */
const kindsUpTo = (version: number): RecordKind[] =>
  RECORD_KINDS.filter((kind) => KIND_FACTS[kind].since <= version);

/** Indexes of a kind as a version of the database has them. */
function indexesOf(kind: RecordKind, version: number): string {
  const later = Object.entries(KIND_FACTS[kind].indexes ?? {})
    .filter(([since]) => Number(since) <= version)
    .map(([, indexes]) => indexes);
  return [RECORD_INDEXES, ...later].join(', ');
}

/** The record tables that a version adds or changes; the others stay as the version before left them. */
function recordSchema(version: number): Record<string, string> {
  const changed = kindsUpTo(version).filter(
    (kind) =>
      version === OLDEST ||
      KIND_FACTS[kind].since === version ||
      indexesOf(kind, version) !== indexesOf(kind, version - 1),
  );
  return Object.fromEntries(
    changed.map((kind) => [KIND_FACTS[kind].table, indexesOf(kind, version)]),
  );
}

/** Rewrites rows of an earlier version in place: the same migrations as files go through. */
async function migrateRows(transaction: Transaction, kinds: readonly RecordKind[]): Promise<void> {
  for (const kind of kinds) {
    const table = transaction.table<unknown, string>(KIND_FACTS[kind].table);
    const rows = await table.toArray();
    await table.bulkPut(rows.map((row) => migrated(row)));
  }
}

/** Enters every row in the journal by its clock, as far as the clock tells: before version 6 nothing else did. */
async function writeJournal(transaction: Transaction, kinds: readonly RecordKind[]): Promise<void> {
  const rows: (JournalRow & { readonly recordedAt: string })[] = [];
  for (const kind of kinds) {
    await transaction
      .table<AnyRecord, string>(KIND_FACTS[kind].table)
      .orderBy('recordedAt')
      .eachKey((recordedAt, { primaryKey }) => {
        rows.push({ id: String(primaryKey), kind, recordedAt: recordedAt as string });
      });
  }
  rows.sort((a, b) => a.recordedAt.localeCompare(b.recordedAt) || a.id.localeCompare(b.id));
  await transaction
    .table<JournalRow, number>('journal')
    .bulkAdd(rows.map(({ id, kind }) => ({ id, kind })));
}

/** Version of the database that this application writes; a newer one is never touched. */
export const DATABASE_VERSION = 11;

/** IndexedDB counts ten times finer than Dexie does. */
const NATIVE_STEP = 10;

/** The database was written by a newer version of the application. */
export class NewerDatabaseError extends Error {
  constructor() {
    super('the database is of a newer version');
    this.name = 'NewerDatabaseError';
  }
}

function isWrittenByNewer(database: Dexie): boolean {
  const { idbdb } = database as Dexie & { idbdb?: IDBDatabase };
  return (idbdb?.version ?? 0) > DATABASE_VERSION * NATIVE_STEP;
}

/** Whether something failed since a newer version of the application has the records. */
export function isOfNewer(error: unknown): boolean {
  if (error instanceof NewerDatabaseError) return true;
  if (!(error instanceof Error)) return false;
  const { inner } = error as Error & { inner?: unknown };
  if (inner !== undefined && inner !== null) return isOfNewer(inner);
  return error.name === 'DatabaseClosedError'; // closed for good: only `databaseOf` does that
}

export class RipenumDatabase extends Dexie {
  declare drafts: EntityTable<DraftRow, 'key'>;
  declare settings: EntityTable<SettingRow, 'key'>;
  declare journal: EntityTable<JournalRow, 'at'>;
  declare setAside: EntityTable<SetAside, 'id'>;

  /** written by a newer version of the application: nothing here may touch it */
  isNewer = false;

  constructor(name: string) {
    super(name);
    const own = { drafts: 'key, tabId, formKey', settings: 'key' };
    this.version(OLDEST)
      .stores({ ...recordSchema(OLDEST), ...own })
      .upgrade((transaction) => migrateRows(transaction, kindsUpTo(OLDEST - 1)));
    this.version(6)
      .stores({ ...recordSchema(6), journal: '++at, &id', setAside: 'id' })
      .upgrade((transaction) => writeJournal(transaction, kindsUpTo(5)));
    for (let version = 7; version <= DATABASE_VERSION; version += 1) {
      this.version(version).stores(recordSchema(version));
    }
    const eachTime = true;
    const refuseNewer = (database: Dexie): void => {
      this.isNewer = isWrittenByNewer(database);
      if (this.isNewer) throw new NewerDatabaseError();
    };
    this.on('ready', refuseNewer, eachTime);
  }

  /** The table of a kind of record, seen as a table of any record. */
  tableOf(kind: RecordKind): EntityTable<AnyRecord, 'id'> {
    return this.table(KIND_FACTS[kind].table);
  }
}

const open = new Map<Workspace, RipenumDatabase>();

/** Who wants to know that this tab may not write any more. */
const supersededListeners = new Set<() => void>();

/** Calls back once a newer version of the application, in another tab, has taken the records over. */
export function onSuperseded(listener: () => void): () => void {
  supersededListeners.add(listener);
  return () => supersededListeners.delete(listener);
}

/** What a newer version has stays closed; whatever else failed, a full disk say, is tried anew. */
function triedAnew(database: RipenumDatabase): RipenumDatabase {
  const isOver = database.isNewer || database.hasBeenClosed();
  if (database.hasFailed() && !isOver) database.close({ disableAutoOpen: false });
  return database;
}

/** The database of a workspace, opened on first use and kept; one that could not be opened is tried anew. */
export function databaseOf(workspace: Workspace): RipenumDatabase {
  const known = open.get(workspace);
  if (known) return triedAnew(known);
  const database = new RipenumDatabase(`ripenum-${workspace}`);
  database.on('versionchange', ({ newVersion }) => {
    // Thrown away and begun anew, as the demo season is, it is opened again when it is next used.
    if (newVersion === null) return true;
    // Closed for good: what this tab knows of the records is older than the records.
    database.close({ disableAutoOpen: true });
    supersededListeners.forEach((supersededListener) => supersededListener());
    return false; // or Dexie's own listener would let it open again
  });
  open.set(workspace, database);
  return database;
}

/** Throws the records of a workspace away; the next use begins with an empty one. */
export async function deleteWorkspace(workspace: Workspace): Promise<void> {
  const database = databaseOf(workspace);
  await database.delete();
  await database.open();
}
