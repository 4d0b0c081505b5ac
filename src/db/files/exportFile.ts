import { groupBy, say } from '../../core';
import {
  FileReading,
  FileWriter,
  failed,
  fileHead,
  ok,
  type AnyRecord,
  type AppError,
  type RecordKind,
  type Result,
} from '../../records';
import type { JournalEntry, RecordStore } from '../recordStore';
import type { OnProgress } from './progress';
import { textOf } from './textOf';

/** One text with everything in it, or a zip with the photographs as files beside it. */
export type FileForm = 'json' | 'zip';

/** What is asked for. */
export interface FileOrder {
  /** when it is written, ISO 8601 with milliseconds, UTC */
  readonly exportedAt: string;
  readonly form: FileForm;
  readonly part?: FilePart;
}

/** What of the record is wanted; everything where nothing is given. */
export interface FilePart {
  /** revisions that are left out */
  readonly without?: ReadonlySet<string>;
  /** only what was recorded from then on, ISO 8601 UTC */
  readonly since?: string;
  /** photographs are left out */
  readonly isLight?: boolean;
}

const PICTURES: readonly RecordKind[] = ['photo', 'proof'];

/** A file that was written and read back. */
export interface WrittenFile {
  readonly blob: Blob;
  readonly records: number;
  /** rows in it that wait for a correction; whoever brings the file in is asked about them */
  readonly setAside: number;
}

/** Rows that are read at one go: photographs are large, so they are few. */
const ROWS_AT_ONCE = 50;

/** Text that is handed to the browser at one go, which may keep it on disk [characters]. */
const PIECE_LENGTH = 4_000_000;

async function rowsInOrder(
  store: RecordStore,
  entries: readonly JournalEntry[],
): Promise<AnyRecord[]> {
  const byKind = groupBy(entries, (entry) => entry.kind);
  const parts = await Promise.all(
    [...byKind].map(([kind, own]) =>
      store.rows(
        kind,
        own.map((journalEntry) => journalEntry.id),
      ),
    ),
  );
  const byId = new Map(parts.flat().map((part) => [part.id, part]));
  return entries.flatMap(({ id }) => byId.get(id) ?? []);
}

/** Text that grows piece by piece into a file, never held as one text. */
class BlobText {
  private readonly blobs: Blob[] = [];
  private pieces: string[] = [];
  private length = 0;

  add(text: string): void {
    this.pieces.push(text);
    this.length += text.length;
    if (this.length < PIECE_LENGTH) return;
    this.blobs.push(new Blob(this.pieces));
    this.pieces = [];
    this.length = 0;
  }

  blob(): Blob {
    return new Blob([...this.blobs, ...this.pieces], { type: 'application/json' });
  }
}

async function written(
  store: RecordStore,
  { exportedAt, form, part: { without, since = '', isLight = false } = {} }: FileOrder,
  onProgress: OnProgress,
): Promise<[Blob, number]> {
  const zip = form === 'zip' ? new (await import('./zippedFile')).ZippedFile() : null;
  const entries = (await store.journal()).filter(
    ({ id, kind }) => !without?.has(id) && !(isLight && PICTURES.includes(kind)),
  );
  let leftOut = 0;
  const writer = new FileWriter(fileHead(exportedAt));
  const text = new BlobText();
  text.add(writer.begin());
  for (let from = 0; from < entries.length; from += ROWS_AT_ONCE) {
    const read = await rowsInOrder(store, entries.slice(from, from + ROWS_AT_ONCE));
    const rows = read.filter(({ recordedAt }) => recordedAt >= since);
    leftOut += read.length - rows.length;
    for (const row of rows) {
      const whole = writer.record(row);
      text.add(zip ? await zip.record(row, whole) : whole);
    }
    onProgress({ doing: 'writing', share: (from + read.length) / entries.length });
  }
  text.add(writer.end());
  return [zip ? await zip.end(text.blob()) : text.blob(), entries.length - leftOut];
}

const NOT_READ_BACK: AppError = {
  code: 'damaged-file',
  message: say('errors.notReadBack'),
};

/** Reads a file that was just written, as whoever gets it will; how many rows of it are not good. */
async function readBack(
  blob: Blob,
  records: number,
  onProgress: OnProgress,
): Promise<Result<number>> {
  let [good, bad] = [0, 0];
  const reading = new FileReading({ good: () => (good += 1), bad: () => (bad += 1) });
  for await (const chunk of textOf(blob, (share) => onProgress({ doing: 'checking', share }))) {
    reading.feed(chunk);
  }
  const facts = reading.end();
  if (!facts.ok) return failed({ ...NOT_READ_BACK, details: [facts.error.message] });
  if (facts.value.sealWhole !== true || good + bad !== records) {
    const seal = String(facts.value.sealWhole);
    const details = [say('errors.recordsAndSeal', { read: good + bad, records, seal })];
    return failed({ ...NOT_READ_BACK, details });
  }
  return ok(bad);
}

/** Writes records into one file, piece by piece, and reads it back before it counts as written. */
export async function exportFile(
  store: RecordStore,
  order: FileOrder,
  onProgress: OnProgress,
): Promise<Result<WrittenFile>> {
  const [blob, records] = await written(store, order, onProgress);
  const setAside = await readBack(blob, records, onProgress);
  return setAside.ok ? ok({ blob, records, setAside: setAside.value }) : setAside;
}
