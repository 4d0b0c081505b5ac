import Dexie, { type EntityTable, type Transaction } from 'dexie';
import type { Workspace } from './workspaces';
import {
  RECORD_KINDS,
  migrated,
  type AnyRecord,
  type Preferences,
  type RecordKind,
} from '../records';

/** What is being typed into one form of one tab. */
export interface DraftRow {
  /** tab and form */
  readonly key: string;
  readonly tabId: string;
  readonly formKey: string;
  readonly values: Record<string, unknown>;
  readonly savedAt: string;
}

interface SettingRow {
  readonly key: 'preferences';
  readonly value: Preferences;
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

export class RipenumDatabase extends Dexie {
  declare drafts: EntityTable<DraftRow, 'key'>;
  declare settings: EntityTable<SettingRow, 'key'>;

  constructor(name: string) {
    super(name);
    const own = { drafts: 'key, tabId, formKey', settings: 'key' };
    this.version(1).stores({ ...firstSchema(), ...own });
    const fourth = RECORD_KINDS.filter((kind) => !FIFTH_KINDS.includes(kind));
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
      .stores(recordSchema(RECORD_KINDS, FIFTH_INDEXES))
      .upgrade((transaction) => migrateRows(transaction, fourth));
  }

  /** The table of a kind of record, seen as a table of any record. */
  tableOf(kind: RecordKind): EntityTable<AnyRecord, 'id'> {
    return this.table(TABLES[kind]);
  }
}

const open = new Map<Workspace, RipenumDatabase>();

/** The database of a workspace, opened on first use and kept. */
export function databaseOf(workspace: Workspace): RipenumDatabase {
  const known = open.get(workspace);
  if (known) return known;
  const database = new RipenumDatabase(`ripenum-${workspace}`);
  // A newer version in another tab wants to upgrade: let go, the next query opens it again.
  database.on('versionchange', () => database.close({ disableAutoOpen: false }));
  open.set(workspace, database);
  return database;
}
