import { groupBy, say } from '../../core';
import {
  BROKEN_SEAL,
  FileReading,
  OWNER_KINDS,
  canonicalText,
  damagedFile,
  failed,
  findingsOf,
  heads,
  mergeEffects,
  nextRevision,
  ok,
  referenceTroubles,
  referredIds,
  referredIn,
  setAsideOf,
  z,
  type AnyRecord,
  type BadRow,
  type MergeEffect,
  type Result,
  type Scribe,
  type SetAside,
  type Trouble,
} from '../../records';
import type { RecordStore } from '../recordStore';
import { NotTextError } from './notText';
import type { OnProgress } from './progress';
import { textOf } from './textOf';

/** The same identifier with other content, mine and theirs. */
export interface Clash {
  readonly mine: AnyRecord;
  readonly theirs: AnyRecord;
}

/** What bringing a file in would do; nothing is written yet. */
export interface ImportPlan {
  /** to be written, in the order of the file */
  readonly fresh: readonly AnyRecord[];
  /** those of them that do not keep to the schemas */
  readonly setAside: readonly SetAside[];
  readonly same: number;
  readonly clashes: readonly Clash[];
  readonly effects: readonly MergeEffect[];
  /** versions whose former one is neither in the file nor here */
  readonly gaps: number;
  /** rows that are no records at all, so that they cannot even be set aside */
  readonly lost: readonly Trouble[];
}

/** What a row must have, so that it can be kept until somebody corrects it. */
const keepableSchema = z.object({
  id: z.string().regex(/^[A-Za-z0-9-]{1,64}$/),
  entityId: z.string().min(1),
  ownerId: z.string().min(1),
  kind: z.enum(Object.keys(OWNER_KINDS) as [string, ...string[]]),
  recordedAt: z.iso.datetime({ precision: 3 }),
  author: z.string(),
  supersedes: z.string().nullable(),
  withdrawn: z.boolean(),
  content: z.record(z.string(), z.unknown()),
});

interface Sorted {
  readonly rows: AnyRecord[];
  readonly setAside: SetAside[];
  readonly lost: BadRow[];
}

/** Everything of a file that can be kept, and what must be set aside of it. */
class FileRecords {
  private readonly rows: AnyRecord[] = [];
  private readonly setAside: SetAside[] = [];
  private readonly lost: BadRow[] = [];
  private readonly ids = new Set<string>();

  good(record: AnyRecord, at: number): void {
    if (this.ids.has(record.id)) {
      const message = say('errors.twiceInFile');
      this.lost.push({ at, row: record, troubles: [{ path: 'id', message }] });
      return;
    }
    this.ids.add(record.id);
    this.rows.push(record);
  }

  bad(row: BadRow): void {
    const keepable = keepableSchema.safeParse(row.row);
    if (!keepable.success || this.ids.has(keepable.data.id)) {
      this.lost.push(row);
      return;
    }
    const record = row.row as AnyRecord;
    this.ids.add(record.id);
    this.rows.push(record);
    this.setAside.push(setAsideOf(record, row.troubles));
  }

  sorted(): Sorted {
    return { rows: this.rows, setAside: this.setAside, lost: this.lost };
  }
}

async function readRows(blob: Blob, onProgress: OnProgress): Promise<Result<Sorted>> {
  const records = new FileRecords();
  const reading = new FileReading(records);
  try {
    for await (const chunk of textOf(blob, (share) => onProgress({ doing: 'reading', share }))) {
      reading.feed(chunk);
      if (reading.isOver) break;
    }
  } catch (error) {
    if (error instanceof NotTextError) return failed(error.asFound());
    throw error;
  }
  const facts = reading.end();
  if (!facts.ok) return facts;
  return facts.value.sealWhole === false ? failed(BROKEN_SEAL) : ok(records.sorted());
}

/** Rows that are read at one go for comparing. */
const ROWS_AT_ONCE = 500;

/** Rows of the file that are not here yet, and those that are here with other content. */
async function compared(
  store: RecordStore,
  rows: readonly AnyRecord[],
  onProgress: OnProgress,
): Promise<{ fresh: AnyRecord[]; clashes: Clash[] }> {
  const here = new Set((await store.journal()).map((journalEntry) => journalEntry.id));
  const known = rows.filter((row) => here.has(row.id));
  const clashes: Clash[] = [];
  for (let from = 0; from < known.length; from += ROWS_AT_ONCE) {
    const some = known.slice(from, from + ROWS_AT_ONCE);
    for (const [kind, own] of groupBy(some, (record) => record.kind)) {
      const ids = own.map((record) => record.id);
      const mine = new Map((await store.rows(kind, ids)).map((row) => [row.id, row]));
      for (const theirs of own) {
        const kept = mine.get(theirs.id);
        if (kept && canonicalText(kept) !== canonicalText(theirs))
          clashes.push({ mine: kept, theirs });
      }
    }
    onProgress({ doing: 'comparing', share: (from + some.length) / known.length });
  }
  return { fresh: rows.filter((row) => !here.has(row.id)), clashes };
}

/** Every revision that is here of the entities that some rows are about. */
async function keptOf(store: RecordStore, rows: readonly AnyRecord[]): Promise<AnyRecord[]> {
  const found: AnyRecord[] = [];
  for (const [kind, own] of groupBy(rows, (row) => row.kind)) {
    found.push(
      ...(await store.ofEntities(kind, [...new Set(own.map((record) => record.entityId))])),
    );
  }
  return found;
}

/** What some rows refer to, as far as it is here. */
async function referredHere(
  store: RecordStore,
  rows: readonly AnyRecord[],
): Promise<readonly AnyRecord[]> {
  const { revisions, entities } = referredIds(rows);
  const found: AnyRecord[] = (await store.setAside()).map((rowSetAside) => rowSetAside.row);
  for (const [kind, ids] of revisions) found.push(...(await store.rows(kind, [...ids])));
  for (const [kind, ids] of entities) found.push(...(await store.ofEntities(kind, [...ids])));
  return found;
}

/** Fresh rows that refer to what is neither in the file nor here. */
async function referencesChecked(
  store: RecordStore,
  rows: readonly AnyRecord[],
  fresh: readonly AnyRecord[],
): Promise<{ readonly broken: SetAside[]; readonly gaps: number }> {
  const referred = referredIn([...(await referredHere(store, fresh)), ...rows]);
  const broken: SetAside[] = [];
  let gaps = 0;
  for (const record of fresh) {
    const troubles = referenceTroubles(record, referred);
    const bad = troubles.filter((trouble) => trouble.gap !== true);
    if (bad.length > 0) broken.push(setAsideOf(record, bad));
    else gaps += troubles.length;
  }
  return { broken, gaps };
}

/** What bringing a file in would do, or why it cannot be read; nothing is written. */
export async function planImport(
  store: RecordStore,
  blob: Blob,
  onProgress: OnProgress,
): Promise<Result<ImportPlan>> {
  const read = await readRows(blob, onProgress);
  if (!read.ok) return read;
  const { rows, setAside, lost } = read.value;
  if (rows.length === 0 && lost.length > 0) return failed(damagedFile(findingsOf(lost)));
  const { fresh, clashes } = await compared(store, rows, onProgress);
  const isAside = new Set(setAside.map((aside) => aside.id));
  const sound = fresh.filter((record) => !isAside.has(record.id));
  const { broken, gaps } = await referencesChecked(store, rows, sound);
  broken.forEach((aside) => isAside.add(aside.id));
  const counted = sound.filter((record) => !isAside.has(record.id));
  const isFresh = new Set(fresh.map((record) => record.id));
  return ok({
    fresh,
    setAside: [...setAside, ...broken].filter((aside) => isFresh.has(aside.id)),
    same: rows.length - fresh.length - clashes.length,
    clashes,
    effects: mergeEffects(await keptOf(store, counted), counted),
    gaps,
    lost: findingsOf(lost),
  });
}

/** What was brought in, and what it changed, so that it can be taken back. */
export interface BroughtIn {
  readonly written: number;
  readonly alreadyThere: number;
  readonly setAside: number;
  /** every entity that holds otherwise now */
  readonly changed: readonly { readonly before: AnyRecord | null; readonly after: AnyRecord }[];
}

const TAKEN = 'Taken from a colleague’s file';

/**
 * Writes what a plan says, all of it or nothing. Where the same identifier holds something else, mine
 * stays, or theirs follows it as a revision with its reason.
 *
 * @param takeTheirs - identifiers of which theirs is taken
 */
export async function bringIn(
  store: RecordStore,
  plan: ImportPlan,
  { takeTheirs, scribe }: { readonly takeTheirs: ReadonlySet<string>; readonly scribe: Scribe },
): Promise<Result<BroughtIn>> {
  const taken: { before: AnyRecord; after: AnyRecord }[] = [];
  for (const { mine, theirs } of plan.clashes) {
    if (!takeTheirs.has(mine.id)) continue;
    const before = heads(await store.revisionsOf(mine.kind, mine.entityId))[0] ?? mine;
    const { content, withdrawn } = theirs;
    const after = nextRevision(scribe, before, { content, withdrawn, reason: TAKEN });
    taken.push({ before, after });
  }
  const records = [...plan.fresh, ...taken.map((item) => item.after)];
  const options = { as: 'merge', setAside: plan.setAside } as const;
  const appended = await store.append(records, options);
  if (!appended.ok) return appended;
  return ok({
    written: appended.value.written,
    alreadyThere: plan.same + plan.clashes.length,
    setAside: plan.setAside.length,
    changed: [...plan.effects, ...taken],
  });
}
