import { BlobReader, BlobWriter, TextReader, ZipReader, ZipWriter } from '@zip.js/zip.js';
import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { firstRevision, nextRevision, verifyFile, type AnyRecord } from '../../records';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import { createMemoryRecordStore } from '../memoryRecordStore';
import type { RecordStore } from '../recordStore';
import { exportFile, type FileForm } from './exportFile';
import { bringIn, planImport } from './importFile';
import { textOf } from './textOf';
import { zippedText } from './zippedFile';

const AT = '2026-11-26T10:00:00.000Z';
const quiet = (): void => undefined;
const scribe = countingScribe('proof');

/** Bytes of a picture, as letters. */
const picture = (length: number): string =>
  btoa(String.fromCharCode(...Array.from({ length }, (_, at) => (at * 7 + length) % 256)));

const lot = sampleLot();
const [head] = lot;
if (head?.kind !== 'lot') throw new Error('no lot');
const reading = lot.find((record) => record.kind === 'reading')!;
const SLY = 'He wrote "jpegBase64": "photographs/proof-1.jpg" on the lid';
const LENGTHS = [3, 900, 40_000];
/** letters of base64 that are no bytes: the schema bears them, and so must a zip */
const NO_PICTURE = 'AAAAA';
const RECORDS: readonly AnyRecord[] = [
  ...lot,
  ...[...LENGTHS.map(picture), NO_PICTURE].map((jpegBase64) =>
    firstRevision(scribe, 'proof', { width: 8, height: 8, jpegBase64 }, reading.entityId),
  ),
  nextRevision(countingScribe('sly'), head, {
    content: { ...head.content, name: SLY },
    reason: 'Renamed',
  }),
];

let store: RecordStore;
let json: string;
let zip: Blob;

async function saved(form: FileForm): Promise<Blob> {
  const done = await exportFile(store, { exportedAt: AT, form }, quiet);
  if (!done.ok) throw new Error(done.error.message.key);
  return done.value.blob;
}

async function wholeText(blob: Blob): Promise<string> {
  let text = '';
  for await (const piece of textOf(blob, quiet)) text += piece;
  return text;
}

beforeAll(async () => {
  store = createMemoryRecordStore();
  const done = await store.append(RECORDS);
  if (!done.ok) throw new Error(done.error.message.key);
  json = await (await saved('json')).text();
  zip = await saved('zip');
});

const unpacked = async () => {
  const entries = await new ZipReader(new BlobReader(zip)).getEntries();
  return entries.filter((entry) => !entry.directory);
};

/** The zip as somebody else packs it again: in a folder, in another order, without some of it. */
async function packedAgain(keeps: (name: string) => boolean): Promise<Blob> {
  const again = new ZipWriter(new BlobWriter('application/zip'));
  for (const entry of (await unpacked()).reverse()) {
    if (!keeps(entry.filename)) continue;
    const bytes = await entry.arrayBuffer();
    await again.add(`kept/${entry.filename}`, new BlobReader(new Blob([bytes])), { level: 9 });
  }
  return again.close();
}

describe('a zip of everything', () => {
  test('holds each photograph as a picture, and the records with its name in its place', async () => {
    const entries = await unpacked();
    const pictures = entries.filter(({ filename }) =>
      /^photographs\/proof-\d+\.jpg$/.test(filename),
    );
    const bytes = await Promise.all(pictures.map((entry) => entry.arrayBuffer()));
    expect(bytes.map((buffer) => Buffer.from(buffer).toString('base64'))).toEqual(
      LENGTHS.map(picture),
    );
    const records = entries.find(({ filename }) => filename === 'records.json')!;
    const text = new TextDecoder().decode(await records.arrayBuffer());
    expect(text).toContain(`"jpegBase64": "${pictures[1]!.filename}"`);
    expect(text).not.toContain(picture(900));
    expect(text).toContain(`"jpegBase64": "${NO_PICTURE}"`);
  });

  test('reads as the file without a zip, to the byte, so that its seal holds', async () => {
    const text = await wholeText(zip);
    expect(text).toBe(json);
    expect(verifyFile(text)).toMatchObject({ status: 'whole', records: RECORDS.length });
  });

  test('however its text is cut into pieces', async () => {
    const piece = fc.integer({ min: 1, max: 400 });
    await fc.assert(
      fc.asyncProperty(fc.array(piece, { minLength: 1, maxLength: 5 }), async (lengths) => {
        async function* cut(bytes: ReadableStream<Uint8Array>): AsyncGenerator<string> {
          const text = await new Response(bytes).text();
          for (let at = 0, turn = 0; at < text.length; turn += 1) {
            const length = lengths[turn % lengths.length]!;
            yield text.slice(at, at + length);
            at += length;
          }
        }
        let text = '';
        for await (const part of zippedText(zip, cut)) text += part;
        expect(text).toBe(json);
      }),
      { numRuns: 20 },
    );
  });

  test('comes in elsewhere as it was, also packed again in a folder', async () => {
    for (const blob of [zip, await packedAgain(() => true)]) {
      const elsewhere = createMemoryRecordStore();
      const plan = await planImport(elsewhere, blob, quiet);
      if (!plan.ok) throw new Error(plan.error.message.key);
      await bringIn(elsewhere, plan.value, { takeTheirs: new Set(), scribe });
      expect(await elsewhere.all()).toEqual(await store.all());
    }
  });

  test('without one of its pictures it is not whole, and nothing comes in', async () => {
    const pictureName = (await unpacked())[1]!.filename;
    const blob = await packedAgain((name) => name !== pictureName);
    const plan = await planImport(createMemoryRecordStore(), blob, quiet);
    expect(plan).toMatchObject({ ok: false });
    expect(verifyFile(await wholeText(blob)).status).not.toBe('whole');
  });

  test('without records, cut off, or with a byte that is another, it says so', async () => {
    const other = new ZipWriter(new BlobWriter('application/zip'));
    await other.add('letter.txt', new TextReader('Dear Bo'));
    const cutOff = zip.slice(0, zip.size - 40);
    const at = zip.size >> 1;
    const changed = new Uint8Array(await zip.arrayBuffer());
    changed[at] = changed[at]! ^ 1;
    for (const blob of [await other.close(), cutOff, new Blob([changed])]) {
      const plan = await planImport(createMemoryRecordStore(), blob, quiet);
      expect(plan).toMatchObject({
        ok: false,
        error: { message: { key: 'errors.zipWithoutRecords' } },
      });
    }
  });
});
