import Dexie, { type EntityTable, type Transaction } from 'dexie';
import type { Workspace } from './workspaces';
import {
  RECORD_KINDS,
  migrated,
  type AnyRecord,
  type Preferences,
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

type SettingRow =
  | { readonly key: 'preferences'; readonly value: Preferences }
  /** how strict the schemas were when every row was last checked */
  | { readonly key: 'checked'; readonly value: number };

/** In which order rows were appended: the clock may be wrong, this is not. */
export interface JournalRow {
  /** given by the database */
  readonly at?: number;
  readonly id: string;
  readonly kind: RecordKind;
}

/** Name of the table of each kind of record. */
const TABLES: Readonly<Record<RecordKind, string>> = {
  lot: 'lots',
  container: 'containers',
  'comb-judgement': 'combJudgements',
  reading: 'readings',
  ruling: 'rulings',
  'lot-frames': 'lotFrames',
  yard: 'yards',
  colony: 'colonies',
  box: 'boxes',
  frame: 'frames',
  'frame-check': 'frameChecks',
  photo: 'photos',
  flow: 'flows',
  given: 'givens',
  harvest: 'harvests',
  stroke: 'strokes',
  tally: 'tallies',
  guess: 'guesses',
  school: 'schools',
  format: 'formats',
  instrument: 'instruments',
  'zero-check': 'zeroChecks',
  'sampling-plan': 'samplingPlans',
  colour: 'colours',
  senses: 'senses',
  'lab-report': 'labReports',
  proof: 'proofs',
  'warm-room': 'warmRooms',
  batch: 'batches',
  'batch-check': 'batchChecks',
  'air-log': 'airLogs',
  extraction: 'extractions',
  'line-tick': 'lineTicks',
  pour: 'pours',
  'frame-weighing': 'frameWeighings',
  chore: 'chores',
  'uncapping-tool': 'uncappingTools',
  stock: 'stocks',
  settling: 'settlings',
  'heat-spell': 'heatSpells',
  weighing: 'weighings',
  circumstances: 'circumstances',
  piece: 'pieces',
  'store-move': 'storeMoves',
  packing: 'packings',
  'jar-move': 'jarMoves',
  'call-back': 'callBacks',
  blend: 'blends',
  'blend-tick': 'blendTicks',
  'label-design': 'labelDesigns',
  'season-note': 'seasonNotes',
  'merge-choice': 'mergeChoices',
  'rule-set': 'ruleSets',
};

/** Indexes beyond those of every record table. */
const MORE_INDEXES: Partial<Record<RecordKind, string>> = {
  frame: 'content.boxId',
  'frame-check':
    'content.harvestId, content.frameId, content.decision.lookAgainDay, content.beetles',
};

/** Indexes that came with version 5. */
const FIFTH_INDEXES: Partial<Record<RecordKind, string>> = {
  'frame-check': 'content.decision.act',
};

/** The kinds of version 1, each with its lot as `lotId`. */
const FIRST_KINDS = ['lot', 'container', 'comb-judgement', 'reading', 'ruling'] as const;
const FIRST_INDEXES = 'id, entityId, lotId, recordedAt';

/** The kinds that came with version 3. */
const THIRD_KINDS: readonly RecordKind[] = [
  'instrument',
  'zero-check',
  'sampling-plan',
  'colour',
  'senses',
  'lab-report',
  'proof',
  'warm-room',
  'batch',
  'batch-check',
  'air-log',
];

/** The kinds that came with version 4. */
const FOURTH_KINDS: readonly RecordKind[] = [
  'extraction',
  'line-tick',
  'pour',
  'frame-weighing',
  'chore',
  'uncapping-tool',
  'stock',
  'settling',
  'heat-spell',
  'weighing',
];

/** The kinds that came with version 5. */
const FIFTH_KINDS: readonly RecordKind[] = [
  'circumstances',
  'piece',
  'store-move',
  'packing',
  'jar-move',
  'blend',
  'blend-tick',
  'label-design',
  'season-note',
  'merge-choice',
  'rule-set',
];

/** The kinds that came with version 7. */
const SEVENTH_KINDS: readonly RecordKind[] = ['call-back'];

/** Primary key and indexes of every record table. */
const RECORD_INDEXES = 'id, entityId, ownerId, recordedAt';

function firstSchema(): Record<string, string> {
  return Object.fromEntries(FIRST_KINDS.map((kind) => [TABLES[kind], FIRST_INDEXES]));
}

function recordSchema(
  kinds: readonly RecordKind[],
  later: Partial<Record<RecordKind, string>> = {},
): Record<string, string> {
  return Object.fromEntries(
    kinds.map((kind) => {
      const all = [RECORD_INDEXES, MORE_INDEXES[kind], later[kind]];
      return [TABLES[kind], all.filter((one) => one !== undefined).join(', ')];
    }),
  );
}

/** Rewrites rows of an earlier version in place: the same migrations as files go through. */
async function migrateRows(transaction: Transaction, kinds: readonly RecordKind[]): Promise<void> {
  for (const kind of kinds) {
    const table = transaction.table<unknown, string>(TABLES[kind]);
    const rows = await table.toArray();
    await table.bulkPut(rows.map((row) => migrated(row)));
  }
}

/** Enters every row in the journal by its clock, as far as the clock tells: before version 6 nothing else did. */
async function writeJournal(transaction: Transaction, kinds: readonly RecordKind[]): Promise<void> {
  const rows: (JournalRow & { readonly recordedAt: string })[] = [];
  for (const kind of kinds) {
    await transaction
      .table<AnyRecord, string>(TABLES[kind])
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
export const DATABASE_VERSION = 7;

/** IndexedDB counts ten times finer than Dexie does. */
const NATIVE_STEP = 10;

/** The database was written by a newer version of the application. */
export class NewerDatabaseError extends Error {
  constructor() {
    super(
      'These records were written by a newer version of Ripenum. Reload the page to get that version; until then nothing is read or changed.',
    );
    this.name = 'NewerDatabaseError';
  }
}

function refuseNewer(database: Dexie): void {
  const { idbdb } = database as Dexie & { idbdb?: IDBDatabase };
  if ((idbdb?.version ?? 0) > DATABASE_VERSION * NATIVE_STEP) {
    throw new NewerDatabaseError();
  }
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

  constructor(name: string) {
    super(name);
    const own = { drafts: 'key, tabId, formKey', settings: 'key' };
    this.version(1).stores({ ...firstSchema(), ...own });
    const fifth = RECORD_KINDS.filter((kind) => !SEVENTH_KINDS.includes(kind));
    const fourth = fifth.filter((kind) => !FIFTH_KINDS.includes(kind));
    const third = fourth.filter((kind) => !FOURTH_KINDS.includes(kind));
    const second = third.filter((kind) => !THIRD_KINDS.includes(kind));
    this.version(2)
      .stores(recordSchema(second))
      .upgrade((transaction) => migrateRows(transaction, FIRST_KINDS));
    this.version(3)
      .stores(recordSchema(third))
      .upgrade((transaction) => migrateRows(transaction, second));
    this.version(4)
      .stores(recordSchema(fourth))
      .upgrade((transaction) => migrateRows(transaction, third));
    this.version(5)
      .stores(recordSchema(fifth, FIFTH_INDEXES))
      .upgrade((transaction) => migrateRows(transaction, fourth));
    this.version(6)
      .stores({ journal: '++at, &id', setAside: 'id' })
      .upgrade((transaction) => writeJournal(transaction, fifth));
    this.version(DATABASE_VERSION).stores(recordSchema(SEVENTH_KINDS));
    const eachTime = true;
    this.on('ready', refuseNewer, eachTime);
  }

  /** The table of a kind of record, seen as a table of any record. */
  tableOf(kind: RecordKind): EntityTable<AnyRecord, 'id'> {
    return this.table(TABLES[kind]);
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

/** The database of a workspace, opened on first use and kept. */
export function databaseOf(workspace: Workspace): RipenumDatabase {
  const known = open.get(workspace);
  if (known) return known;
  const database = new RipenumDatabase(`ripenum-${workspace}`);
  database.on('versionchange', ({ newVersion }) => {
    // Thrown away and begun anew, as the demo season is, it is opened again when it is next used.
    if (newVersion === null) return true;
    // Closed for good: what this tab knows of the records is older than the records.
    database.close({ disableAutoOpen: true });
    supersededListeners.forEach((one) => one());
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
