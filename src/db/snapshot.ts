import Dexie, { liveQuery } from 'dexie';
import { groupBy } from '../core';
import { RECORD_KINDS, type AnyRecord, type RecordKind } from '../records';
import { databaseOf, deleteWorkspace, type JournalRow, type RipenumDatabase } from './database';
import { createDexieRecordStore, ofKeys } from './dexieRecordStore';
import type { RowSetAside } from './recordStore';
import type { Workspace } from './workspaces';

/**
 * Many, large, and asked for one frame or one day at a time: they are read where they are shown. Of frames
 * only those come with the snapshot that lots were made of.
 */
const READ_WHERE_SHOWN: readonly RecordKind[] = [
  'frame',
  'photo',
  'proof',
  'frame-check',
  'stroke',
  'tally',
];

const KINDS = RECORD_KINDS.filter((recordKind) => !READ_WHERE_SHOWN.includes(recordKind));
const isRead = (kind: RecordKind): boolean => KINDS.includes(kind);

/** Every revision of a workspace that can be computed from, but for what is read where it is shown. */
export interface Snapshot {
  /** in the order of their identifiers; the array of a kind is another one only when it has news */
  readonly rows: ReadonlyMap<RecordKind, readonly AnyRecord[]>;
  /** rows that wait for a correction */
  readonly aside: readonly RowSetAside[];
}

/** How far reading is. One that failed says why; it is tried again when asked to, or when something changes. */
export type SnapshotState =
  | { readonly status: 'loading' }
  | { readonly status: 'failed'; readonly error: unknown }
  | { readonly status: 'ready'; readonly snapshot: Snapshot };

const LOADING: SnapshotState = { status: 'loading' };

/** Up to which line of the journal everything is known, and which rows were set aside then. */
interface Known {
  readonly last: JournalRow | undefined;
  readonly asideIds: readonly string[];
  /** frames that lots were made of, by their entity */
  readonly frameIds: ReadonlySet<string>;
}

interface News extends Known {
  /** everything there is, rather than what came since */
  readonly isAll: boolean;
  readonly rows: readonly AnyRecord[];
  readonly aside: readonly RowSetAside[];
}

async function readAll(database: RipenumDatabase): Promise<AnyRecord[]> {
  const parts = await Promise.all(KINDS.map((kind) => database.tableOf(kind).toArray()));
  return parts.flat();
}

/** Frames that lots among some records were made of. */
const framesNamed = (records: readonly AnyRecord[]): string[] =>
  records.flatMap((record) =>
    record.kind === 'lot-frames'
      ? record.content.frames.flatMap(({ frameId }) => frameId ?? [])
      : [],
  );

/** Every revision of frames that lots are made of by now and were not before, and what is new of the others. */
async function readFrames(
  database: RipenumDatabase,
  known: ReadonlySet<string>,
  {
    named,
    entries,
  }: { readonly named: readonly string[]; readonly entries: readonly JournalRow[] },
): Promise<AnyRecord[]> {
  const first = [...new Set(named)].filter((id) => !known.has(id));
  const whole = await ofKeys(database.tableOf('frame'), 'entityId', first);
  const news = entries.filter((entry) => entry.kind === 'frame');
  const later = news.length === 0 ? [] : await rowsOfEntries(database, news);
  return [...whole, ...later.filter((frame) => known.has(frame.entityId))];
}

const readEntries = (
  database: RipenumDatabase,
  entries: readonly JournalRow[],
): Promise<AnyRecord[]> =>
  rowsOfEntries(
    database,
    entries.filter((entry) => isRead(entry.kind)),
  );

async function rowsOfEntries(
  database: RipenumDatabase,
  entries: readonly JournalRow[],
): Promise<AnyRecord[]> {
  const byKind = groupBy(entries, (entry) => entry.kind);
  const parts = await Promise.all(
    [...byKind].map(([kind, own]) =>
      database.tableOf(kind).bulkGet(own.map((journal) => journal.id)),
    ),
  );
  return parts.flat().filter((part) => part !== undefined);
}

/** Whether what is known is still the beginning of what is there; not so once a workspace was thrown away. */
async function follows(database: RipenumDatabase, known: Known, asideIds: readonly string[]) {
  if (known.last?.at === undefined || known.asideIds.join() !== asideIds.join()) return false;
  return (await database.journal.get(known.last.at))?.id === known.last.id;
}

const NO_FRAMES: ReadonlySet<string> = new Set();

function readNews(database: RipenumDatabase, known: Known): Promise<News> {
  const tables = RECORD_KINDS.map((kind) => database.tableOf(kind));
  return database.transaction('r', [...tables, database.journal, database.setAside], async () => {
    const asideIds = await database.setAside.toCollection().primaryKeys();
    const last = await database.journal.orderBy('at').last();
    const isAll = !(await follows(database, known, asideIds));
    const entries = isAll ? [] : await database.journal.where('at').above(known.last?.at).toArray();
    const own = isAll ? await readAll(database) : await readEntries(database, entries);
    const before = isAll ? NO_FRAMES : known.frameIds;
    const named = framesNamed(own);
    const rows = [...own, ...(await readFrames(database, before, { named, entries }))];
    const frameIds = new Set([...before, ...named]);
    const aside = asideIds.length > 0 ? await createDexieRecordStore(database).setAside() : [];
    const isAside = new Set(asideIds);
    const good = rows.filter((row) => !isAside.has(row.id));
    return { isAll, rows: good, aside, last, asideIds, frameIds };
  });
}

const byId = (a: AnyRecord, b: AnyRecord): number => (a.id < b.id ? -1 : Number(a.id > b.id));

/** What was known with what came; the same object where nothing did. */
function withNews(before: Snapshot | null, { isAll, rows, aside }: News): Snapshot {
  if (before && !isAll && rows.length === 0 && aside.length === before.aside.length) return before;
  const known = new Map(isAll ? [] : before?.rows);
  for (const [kind, own] of groupBy(rows, (row) => row.kind)) {
    known.set(kind, [...(known.get(kind) ?? []), ...own].sort(byId));
  }
  return { rows: known, aside };
}

type TakenAwayListener = (left: readonly AnyRecord[]) => void;

/** Who wants to know that the records are gone. */
const takenAwayListeners = new Set<TakenAwayListener>();

/** Calls back once the records were deleted under an open page, with those that it still shows. */
export function onTakenAway(listener: TakenAwayListener): () => void {
  takenAwayListeners.add(listener);
  return () => takenAwayListeners.delete(listener);
}

/** Reads a workspace once and follows what is appended to it from then on, in this tab or another. */
export class SnapshotSource {
  private current: SnapshotState = LOADING;
  private snapshot: Snapshot | null = null;
  private known: Known = { last: undefined, asideIds: [], frameIds: NO_FRAMES };
  private reading: Promise<void> = Promise.resolve();
  private following: { unsubscribe(): void } | null = null;
  private readonly listeners = new Set<() => void>();

  constructor(private readonly workspace: Workspace) {}

  readonly state = (): SnapshotState => this.current;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    this.start();
    return () => this.listeners.delete(listener);
  };

  /** Resolves once everything that is appended by now is in the state; at once where nobody looks. */
  async caughtUp(): Promise<void> {
    if (this.following) await this.read();
  }

  /** Tries again after a failure. */
  readonly retry = (): void => {
    this.show(LOADING);
    this.stop(); // what failed at once follows nothing any more
    this.start();
  };

  /** Begins to read, unless that is done. */
  start(): void {
    if (this.following) return;
    const database = databaseOf(this.workspace);
    this.following = liveQuery(() =>
      Promise.all([database.journal.orderBy('at').last(), database.setAside.count()]),
    ).subscribe({ next: () => void this.read(), error: this.fail });
  }

  /** Knows nothing any more: what comes next is read as if for the first time. */
  forget(): void {
    this.known = { last: undefined, asideIds: [], frameIds: NO_FRAMES };
  }

  /** Follows no longer. */
  stop(): void {
    this.following?.unsubscribe();
    this.following = null;
  }

  /** One reading after the other, so that none overtakes another. */
  private read(): Promise<void> {
    this.reading = this.reading.then(async () => {
      try {
        const news = await readNews(databaseOf(this.workspace), this.known);
        if (this.isTakenAway(news)) return this.tellTakenAway();
        const { last, asideIds, frameIds } = news;
        this.known = { last, asideIds, frameIds };
        this.snapshot = withNews(this.snapshot, news);
        this.show({ status: 'ready', snapshot: this.snapshot });
      } catch (error) {
        this.fail(error);
      }
    });
    return this.reading;
  }

  /** Own records are never thrown away here: where all are gone, the browser or somebody else did it. */
  private isTakenAway({ last }: News): boolean {
    return this.workspace === 'mine' && this.known.last !== undefined && last === undefined;
  }

  /** What was read goes on being shown: it is all that is left. */
  private tellTakenAway(): void {
    const rows = [...(this.snapshot?.rows.values() ?? [])].flat();
    takenAwayListeners.forEach((listener) => listener(rows));
  }

  /** A tab whose records a newer version took over goes on showing what it read last; it says so elsewhere. */
  private readonly fail = (error: unknown): void => {
    if (error instanceof Dexie.DatabaseClosedError) return;
    this.show({ status: 'failed', error });
  };

  private show(state: SnapshotState): void {
    const before = this.current;
    const isSame =
      before.status === 'ready' && state.status === 'ready' && before.snapshot === state.snapshot;
    if (isSame) return;
    this.current = state;
    this.listeners.forEach((listener) => listener());
  }
}

const sources = new Map<Workspace, SnapshotSource>();

/** What is read of a workspace; one source a workspace, kept from page to page. */
export function snapshotOf(workspace: Workspace): SnapshotSource {
  const known = sources.get(workspace);
  if (known) return known;
  const fresh = new SnapshotSource(workspace);
  sources.set(workspace, fresh);
  return fresh;
}

/** Throws the records of a workspace away, so that it begins empty. */
export async function throwAway(workspace: Workspace): Promise<void> {
  snapshotOf(workspace).forget();
  await deleteWorkspace(workspace);
}
