import { describe, expect, test } from '@jest/globals';
import {
  firstRevision,
  heads,
  nextRevision,
  parseRecordFile,
  recordFileOf,
  recordFileText,
  verifyFile,
  type AnyRecord,
} from '../../records';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import { withoutSeal } from '../../records/test/withoutSeal';
import { createMemoryRecordStore } from '../memoryRecordStore';
import type { RecordStore } from '../recordStore';
import { exportFile, type FilePart } from './exportFile';
import { bringIn, planImport, type ImportPlan } from './importFile';
import type { FileProgress } from './progress';

const AT = '2026-11-26T10:00:00.000Z';
const quiet = (): void => undefined;
const scribe = countingScribe('imported', 'CD');

async function storeWith(records: readonly AnyRecord[]): Promise<RecordStore> {
  const store = createMemoryRecordStore();
  const done = await store.append(records);
  if (!done.ok) throw new Error(done.error.message.key);
  return store;
}

async function planOf(store: RecordStore, text: string): Promise<ImportPlan> {
  const plan = await planImport(store, new Blob([text]), quiet);
  if (!plan.ok) throw new Error(plan.error.message.key);
  return plan.value;
}

async function broughtInto(store: RecordStore, plan: ImportPlan, takeTheirs: string[] = []) {
  const done = await bringIn(store, plan, { takeTheirs: new Set(takeTheirs), scribe });
  if (!done.ok) throw new Error(done.error.message.key);
  return done.value;
}

const fileText = (records: readonly AnyRecord[]): string =>
  recordFileText(recordFileOf(records, AT));

/** A file as an earlier version had written it: it took what the schemas now refuse. */
const handText = (records: readonly unknown[]): string =>
  recordFileText(withoutSeal({ ...recordFileOf([], AT), records }));

const lot = sampleLot();
const [head] = lot;
if (head?.kind !== 'lot') throw new Error('no lot');
const renamed = (stem: string, name: string) =>
  nextRevision(countingScribe(stem), head, {
    content: { ...head.content, name },
    reason: 'Renamed',
  });

describe('saving everything to a file', () => {
  test('gives the same text, to the byte, as the whole file written at once', async () => {
    const store = await storeWith(lot);
    const written = await exportFile(store, { exportedAt: AT, form: 'json' }, quiet);
    if (!written.ok) throw new Error(written.error.message.key);
    const text = await written.value.blob.text();
    expect(text).toBe(fileText(await store.all()));
    expect(verifyFile(text)).toMatchObject({ status: 'whole', records: lot.length });
    const empty = await exportFile(
      createMemoryRecordStore(),
      { exportedAt: AT, form: 'json' },
      quiet,
    );
    expect(empty.ok && (await empty.value.blob.text())).toBe(fileText([]));
  });

  test('tells how far it is, and reads back what it wrote before it counts as written', async () => {
    const onProgress: FileProgress[] = [];
    await exportFile(await storeWith(lot), { exportedAt: AT, form: 'json' }, (fileProgress) =>
      onProgress.push(fileProgress),
    );
    expect(new Set(onProgress.map((fileProgress) => fileProgress.doing))).toEqual(
      new Set(['writing', 'checking']),
    );
    expect(onProgress.at(-1)).toMatchObject({ doing: 'checking', share: 1 });
  });

  test('leaves out what the other device has, what is older, and photographs, as asked', async () => {
    const store = await storeWith(lot);
    const all = (await store.journal()).map(({ id }) => id);
    const idsOf = async (part: FilePart): Promise<string[]> => {
      const file = await exportFile(store, { exportedAt: AT, form: 'json', part }, quiet);
      if (!file.ok) throw new Error(file.error.message.key);
      const read = parseRecordFile(await file.value.blob.text());
      // what a part refers to may be on the other device only
      const text = await file.value.blob.text();
      expect(verifyFile(text)).toMatchObject({ status: 'whole', records: file.value.records });
      return read.ok ? read.value.records.map(({ id }) => id) : [];
    };
    expect(await idsOf({ without: new Set(all.slice(1)) })).toEqual(all.slice(0, 1));
    expect(await idsOf({ without: new Set(all) })).toEqual([]);
    expect(await idsOf({ since: '2999-01-01T00:00:00.000Z' })).toEqual([]);
    expect(await idsOf({ since: '1999-01-01T00:00:00.000Z', isLight: true })).toEqual(all);
  });

  test('a store that gives other rows than its journal names is not handed over', async () => {
    const store = await storeWith(lot);
    const lossy: RecordStore = { ...store, rows: () => Promise.resolve([]) };
    expect(await exportFile(lossy, { exportedAt: AT, form: 'json' }, quiet)).toMatchObject({
      ok: false,
      error: { code: 'damaged-file' },
    });
  });

  test('rows come in the order in which they were appended, whatever their clock says', async () => {
    const early = { ...renamed('early', 'Early'), recordedAt: '2001-01-01T00:00:00.000Z' };
    const store = await storeWith(lot);
    await store.append([early]);
    const written = await exportFile(store, { exportedAt: AT, form: 'json' }, quiet);
    const file = written.ok ? parseRecordFile(await written.value.blob.text()) : written;
    expect(file.ok && file.value.records.map((record) => record.id)).toEqual([
      ...lot.map((record) => record.id),
      early.id,
    ]);
  });
});

describe('bringing a file in', () => {
  test('says what it would add, and a second time that all is here', async () => {
    const store = createMemoryRecordStore();
    const plan = await planOf(store, fileText(lot));
    expect(plan.effects.map((effect) => effect.what)).toEqual(lot.map(() => 'added'));
    expect(await store.all()).toEqual([]);
    expect(await broughtInto(store, plan)).toMatchObject({ written: 4, alreadyThere: 0 });
    const again = await planOf(store, fileText(lot));
    expect(again).toMatchObject({ fresh: [], same: 4, effects: [], clashes: [] });
  });

  test('says what it would replace and remove, with what holds now', async () => {
    const reading = lot[3]!;
    const gone = nextRevision(countingScribe('gone'), reading, {
      withdrawn: true,
      reason: 'Removed',
    });
    const store = await storeWith(lot);
    const plan = await planOf(store, fileText([...lot, renamed('theirs', 'Theirs'), gone]));
    expect(plan.effects.map(({ what, before }) => [what, before?.id])).toEqual([
      ['replaced', head.id],
      ['removed', reading.id],
    ]);
    const { changed } = await broughtInto(store, plan);
    expect(changed.map((item) => item.after.id)).toEqual(['theirs-1', 'gone-1']);
  });

  test('an older version of what holds here changes nothing that holds', async () => {
    const now = renamed('now', 'Now');
    const store = await storeWith(lot);
    await store.append([now]);
    const old = { ...renamed('old', 'Old'), recordedAt: '2001-01-01T00:00:00.000Z' };
    const plan = await planOf(store, fileText([...lot, old]));
    expect(plan.fresh.map((record) => record.id)).toEqual([old.id]);
    expect(plan.effects).toEqual([]);
  });

  test('where the same identifier says something else, mine stays unless theirs is taken', async () => {
    const store = await storeWith(lot);
    const touched = { ...head, content: { ...head.content, name: 'Theirs' } };
    const plan = await planOf(store, fileText([touched, ...lot.slice(1)]));
    expect(plan).toMatchObject({ fresh: [], same: 3 });
    expect(plan.clashes).toEqual([{ mine: head, theirs: touched }]);
    expect(await broughtInto(store, plan)).toMatchObject({ written: 0, alreadyThere: 4 });
    const taken = await broughtInto(store, plan, [head.id]);
    expect(taken).toMatchObject({ written: 1 });
    expect(taken.changed[0]).toMatchObject({ before: { id: head.id }, after: { author: 'CD' } });
    const [held] = heads(await store.revisionsOf('lot', head.entityId));
    expect(held?.kind === 'lot' && held.content.name).toBe('Theirs');
  });

  test('rows that an earlier version took and this one refuses are set aside, nothing else is lost', async () => {
    const [first, bucket, comb, reading] = lot;
    const longReason = { ...renamed('long', 'Long'), reason: 'x'.repeat(546) };
    const yearSlip = {
      ...reading!,
      content: { ...reading!.content, takenAt: '0026-08-01T10:00:00.000Z' },
    };
    const store = createMemoryRecordStore();
    const plan = await planOf(store, handText([first, bucket, comb, yearSlip, longReason]));
    expect(plan.setAside.map((setAside) => [setAside.id, setAside.troubles[0]?.path])).toEqual([
      [reading!.id, 'content.takenAt'],
      [longReason.id, 'reason'],
    ]);
    expect(await broughtInto(store, plan)).toMatchObject({ written: 5, setAside: 2 });
    expect((await store.all()).map((record) => record.id)).toEqual([
      first!.id,
      bucket!.id,
      comb!.id,
    ]);
    expect((await store.setAside()).map((rowSetAside) => rowSetAside.row.id)).toEqual([
      reading!.id,
      longReason.id,
    ]);
    // and the whole of it goes out again, and comes in elsewhere
    const written = await exportFile(store, { exportedAt: AT, form: 'json' }, quiet);
    expect(written).toMatchObject({ ok: true, value: { records: 5, setAside: 2 } });
  });

  test('a row without its lot is set aside, its correction is only to remove it', async () => {
    const store = createMemoryRecordStore();
    const stray = firstRevision(countingScribe('stray'), 'guess', { who: 'a', kg: 3 }, 'nowhere');
    const plan = await planOf(store, handText([...lot, stray]));
    expect(plan.setAside).toMatchObject([{ id: stray.id, troubles: [{ path: 'ownerId' }] }]);
    expect(await broughtInto(store, plan)).toMatchObject({ written: 5 });
    expect(await store.all()).toHaveLength(4);
  });

  test('a version whose former one is missing is brought in, and the gap is reported', async () => {
    const store = createMemoryRecordStore();
    const later = renamed('later', 'Later');
    const plan = await planOf(store, handText([later, ...lot.slice(1)]));
    expect(plan).toMatchObject({ gaps: 1, setAside: [], lost: [] });
    await broughtInto(store, plan);
    expect((await exportFile(store, { exportedAt: AT, form: 'json' }, quiet)).ok).toBe(true);
  });

  test('what is no record at all stays in the file, with its place', async () => {
    const store = createMemoryRecordStore();
    const plan = await planOf(store, handText([...lot, { note: 'by hand' }, lot[0]]));
    expect(plan.lost.map((trouble) => trouble.path)).toContain('records[5].id');
    expect(plan.lost.some((trouble) => trouble.path.startsWith('records[4]'))).toBe(true);
    expect(plan.fresh).toHaveLength(4);
    const none = await planImport(store, new Blob([handText([{ note: 'x' }])]), quiet);
    expect(none).toMatchObject({ ok: false, error: { code: 'damaged-file' } });
  });

  test('a file that does not agree with its seal, or is no text, is refused', async () => {
    const store = createMemoryRecordStore();
    const slip = fileText(lot).replace('17.4', '17.5');
    expect(await planImport(store, new Blob([slip]), quiet)).toMatchObject({
      ok: false,
      error: { code: 'broken-seal' },
    });
    const noise = new Blob([new Uint8Array([0xff, 0xfe, 0x00, 0xd8])]);
    expect(await planImport(store, noise, quiet)).toMatchObject({
      ok: false,
      error: { code: 'not-json' },
    });
  });
});
