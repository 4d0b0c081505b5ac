import {
  BlobReader,
  BlobWriter,
  Uint8ArrayReader,
  ZipReader,
  ZipWriter,
  configure,
  type FileEntry,
} from '@zip.js/zip.js';
import { say } from '../../core';
import type { AnyRecord } from '../../records';
import { base64Of, bytesOf } from '../../records/exchange/base64';
import { NotTextError } from './notText';

// It runs in a worker itself, and the page's policy allows none made of text.
configure({ useWebWorkers: false });

const RECORDS = 'records.json';
const FOLDER = 'photographs';

/** What stands in the records in place of a photograph; nothing that was typed can look like it. */
const IN_PLACE = /("jpegBase64":\s*")photographs\/([A-Za-z0-9-]{1,64})\.jpg"/g;

/** Longer than anything that stands in place of a photograph [characters]. */
const LONGEST = 200;

/** A zip being written: photographs as files of their own, the records beside them. */
export class ZippedFile {
  private readonly zip = new ZipWriter(new BlobWriter('application/zip'), { level: 0 });

  /**
   * The text of a record as it stands in the zip; its photograph, if it has one, becomes a file.
   *
   * @param text - of the whole record, as in a file without a zip
   */
  async record(record: AnyRecord, text: string): Promise<string> {
    if (!('jpegBase64' in record.content)) return text;
    const { jpegBase64 } = record.content;
    const bytes = bytesOf(jpegBase64);
    // what would not come back to the letter stays where it is
    if (bytes === null || base64Of(bytes) !== jpegBase64) return text;
    const name = `${FOLDER}/${record.id}.jpg`;
    await this.zip.add(name, new Uint8ArrayReader(bytes));
    return text.replace(`"${jpegBase64}"`, `"${name}"`);
  }

  /** The zip with the text of its records. */
  async end(records: Blob): Promise<Blob> {
    await this.zip.add(RECORDS, new BlobReader(records), { level: 6 });
    return this.zip.close();
  }
}

type Find = (name: string) => Promise<string | null>;

/** The text with each photograph where it belongs, read one at a time; one that is not there leaves its name. */
async function* withPhotographs(chunks: AsyncIterable<string>, find: Find): AsyncGenerator<string> {
  let rest = '';
  for await (const chunk of chunks) {
    const text = rest + chunk;
    let done = 0;
    for (const found of text.matchAll(IN_PLACE)) {
      const [all, key = '', id = ''] = found;
      const base64 = await find(`${FOLDER}/${id}.jpg`);
      yield text.slice(done, found.index) + (base64 === null ? all : `${key}${base64}"`);
      done = found.index + all.length;
    }
    const safe = Math.max(done, text.length - LONGEST);
    yield text.slice(done, safe);
    rest = text.slice(safe);
  }
  yield rest;
}

const noRecords = (): NotTextError => new NotTextError(say('errors.zipWithoutRecords'));

async function entriesOf(blob: Blob): Promise<Map<string, FileEntry>> {
  try {
    const entries = await new ZipReader(new BlobReader(blob)).getEntries();
    const files = entries.filter((entry): entry is FileEntry => !entry.directory);
    return new Map(files.map((entry) => [entry.filename, entry]));
  } catch {
    throw noRecords();
  }
}

/**
 * The text of the records in a zip, as the file without a zip has it, to the byte.
 *
 * @param decoded - text of bytes as they come
 * @throws NotTextError where there are no records in it, or it is damaged
 */
export async function* zippedText(
  blob: Blob,
  decoded: (bytes: ReadableStream<Uint8Array>, size: number) => AsyncIterable<string>,
): AsyncGenerator<string> {
  const entries = await entriesOf(blob);
  // whoever packed it again may have packed its folder
  const name = [...entries.keys()].find((key) => key === RECORDS || key.endsWith(`/${RECORDS}`));
  const records = name === undefined ? undefined : entries.get(name);
  if (!name || !records) throw noRecords();
  const folder = name.slice(0, -RECORDS.length);
  const { readable, writable } = new TransformStream<Uint8Array, Uint8Array>();
  const unpacked = records.getData(writable, { checkSignature: true });
  // it is waited for below; a reader that stops early leaves it
  unpacked.catch(() => undefined);
  const find: Find = async (photograph) => {
    const entry = entries.get(folder + photograph);
    const bytes = await entry?.arrayBuffer({ checkSignature: true });
    return bytes === undefined ? null : base64Of(new Uint8Array(bytes));
  };
  try {
    yield* withPhotographs(decoded(readable, records.uncompressedSize), find);
    await unpacked;
  } catch (error) {
    // what the browser says of a file that was taken away is not about the zip
    throw error instanceof NotTextError || error instanceof DOMException ? error : noRecords();
  }
}
