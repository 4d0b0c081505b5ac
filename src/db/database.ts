import Dexie, { type EntityTable } from 'dexie';
import type { Workspace } from './workspaces';
import type { AnyRecord, Preferences, RecordKind, RecordOf } from '../records';

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

/** Primary key and indexes of every record table. */
const RECORD_INDEXES = 'id, entityId, lotId, recordedAt';

export class RipenumDatabase extends Dexie {
  declare lots: EntityTable<RecordOf<'lot'>, 'id'>;
  declare containers: EntityTable<RecordOf<'container'>, 'id'>;
  declare combJudgements: EntityTable<RecordOf<'comb-judgement'>, 'id'>;
  declare readings: EntityTable<RecordOf<'reading'>, 'id'>;
  declare rulings: EntityTable<RecordOf<'ruling'>, 'id'>;
  declare drafts: EntityTable<DraftRow, 'key'>;
  declare settings: EntityTable<SettingRow, 'key'>;

  constructor(name: string) {
    super(name);
    this.version(1).stores({
      lots: RECORD_INDEXES,
      containers: RECORD_INDEXES,
      combJudgements: RECORD_INDEXES,
      readings: RECORD_INDEXES,
      rulings: RECORD_INDEXES,
      drafts: 'key, tabId, formKey',
      settings: 'key',
    });
  }

  /** The table of a kind of record, seen as a table of any record. */
  tableOf(kind: RecordKind): EntityTable<AnyRecord, 'id'> {
    const tables = {
      lot: this.lots,
      container: this.containers,
      'comb-judgement': this.combJudgements,
      reading: this.readings,
      ruling: this.rulings,
    };
    return tables[kind] as unknown as EntityTable<AnyRecord, 'id'>;
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
