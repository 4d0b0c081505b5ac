import { describe, expect, test } from '@jest/globals';
import {
  firstRevision,
  nextRevision,
  setAsideOf,
  type AnyRecord,
  type ReadingContent,
} from '../../records';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import { sampleLook, sampleLooks, sampleYard } from '../../records/test/sampleYard';
import type { RecordStore } from '../recordStore';
import { say } from '../../core';
import { inEnglish } from '../../core/test/inEnglish';

/** What every adapter of the record store must do. */
export function recordStoreSuite(name: string, createStore: () => Promise<RecordStore>): void {
  describe(`record store: ${name}`, () => {
    const ids = (records: readonly AnyRecord[]) => records.map((record) => record.id).sort();

    test('keeps what is appended and gives it back by lot and as a whole', async () => {
      const store = await createStore();
      const one = sampleLot(countingScribe('one'));
      const two = sampleLot(countingScribe('two'), '260801-b');
      const appended = await store.append([...one, ...two]);
      expect(appended).toEqual({ ok: true, value: { written: 8, alreadyThere: 0 } });
      expect(ids(await store.ofOwner(one[0]!.ownerId))).toEqual(ids(one));
      expect(ids(await store.all())).toEqual(ids([...one, ...two]));
      expect(await store.ofOwner('nowhere')).toEqual([]);
    });

    test('the same records a second time are skipped, also with keys in another order', async () => {
      const store = await createStore();
      const records = sampleLot();
      await store.append(records);
      const turned = records.map(
        (record) => Object.fromEntries(Object.entries(record).reverse()) as AnyRecord,
      );
      expect(await store.append(turned)).toEqual({
        ok: true,
        value: { written: 0, alreadyThere: 4 },
      });
    });

    test('one conflicting record refuses the whole batch and changes nothing', async () => {
      const store = await createStore();
      const records = sampleLot(countingScribe('kept'));
      await store.append(records);
      const altered = { ...records[3]!, author: 'XX' };
      const fresh = sampleLot(countingScribe('fresh'));
      const result = await store.append([...fresh, altered]);
      expect(result).toMatchObject({ ok: false, error: { code: 'conflict' } });
      expect(ids(await store.all())).toEqual(ids(records));
      expect((await store.all()).find((record) => record.id === altered.id)?.author).toBe('AB');
    });

    test('what was handed in can be changed afterwards without changing what is kept', async () => {
      const store = await createStore();
      const records = structuredClone(sampleLot());
      await store.append(records);
      records[0]!.author = 'changed';
      expect((await store.all()).map((record) => record.author)).not.toContain('changed');
    });

    test('two appends at once both arrive', async () => {
      const store = await createStore();
      const a = sampleLot(countingScribe('a'));
      const b = sampleLot(countingScribe('b'), '260801-b');
      await Promise.all([store.append(a), store.append(b)]);
      expect(await store.all()).toHaveLength(8);
    });

    test('two taps make one lot: a code names one, and a merge may still bring another', async () => {
      const store = await createStore();
      const [a, b] = [sampleLot(countingScribe('a')), sampleLot(countingScribe('b'))];
      const [first, second] = await Promise.all([store.append(a), store.append(b)]);
      expect([first.ok, second.ok]).toEqual([true, false]);
      expect(second.ok ? '' : inEnglish(second.error.message)).toMatch(
        /^There is already a lot 260801-a/,
      );
      expect(await store.all()).toHaveLength(4);
      expect((await store.append(b, { as: 'merge' })).ok).toBe(true);
      const lot = a[0]!;
      if (lot.kind !== 'lot') throw new Error('no lot');
      const named = { ...lot.content, name: 'Still mine' };
      const later = nextRevision(countingScribe('c'), lot, { content: named, reason: 'Named' });
      expect((await store.append([later])).ok).toBe(true);
    });

    test('a box with its frames and looks, wherever a frame hangs now', async () => {
      const store = await createStore();
      const yard = sampleYard();
      const looks = sampleLooks(yard, [sampleLook([9, 9]), sampleLook([2, 2])]);
      await store.append([...yard.records, ...looks]);
      const inBox = await store.ofBox(yard.box.entityId);
      expect(ids(inBox)).toEqual(ids([yard.box, ...looks]));
      const frame = looks.find((look) => look.kind === 'frame')!;
      const moved = nextRevision(yard.scribe, frame, {
        content: { ...frame.content, boxId: yard.tote.entityId },
        reason: 'Moved',
      });
      await store.append([moved]);
      const kinds = (await store.ofBox(yard.tote.entityId)).map((record) => record.kind).sort();
      expect(kinds).toEqual(['box', 'frame', 'frame', 'frame-check']);
    });

    test('a day with its looks and what belongs to it, earlier looks at the same frames too', async () => {
      const store = await createStore();
      const yard = sampleYard();
      const looks = sampleLooks(yard, [sampleLook([9, 9])]);
      const { entityId } = yard.harvest;
      const guess = firstRevision(yard.scribe, 'guess', { who: 'a', kg: 3 }, entityId);
      const later = {
        ...yard,
        harvest: { ...yard.harvest, id: 'h2', entityId: 'h2', ownerId: 'h2' },
      };
      const again = sampleLooks(later, [sampleLook([10, 10])], looks);
      await store.append([...yard.records, ...looks, guess, later.harvest, ...again]);
      expect(ids(await store.ofHarvest(entityId))).toEqual(
        ids([yard.harvest, guess, ...looks, ...again]),
      );
      expect(await store.ofHarvest('nowhere')).toEqual([]);
      expect((await store.ofKinds(['guess', 'yard'])).map((kind) => kind.kind).sort()).toEqual([
        'guess',
        'yard',
      ]);
      expect(await store.revisionsOf('guess', guess.entityId)).toEqual([guess]);
    });

    test('frames that ask for another look, and frames with beetles', async () => {
      const store = await createStore();
      const yard = sampleYard();
      const looks = sampleLooks(yard, [
        sampleLook([9, 9]),
        sampleLook([5, 5]),
        sampleLook([10, 10], { beetles: 'adults' }),
      ]);
      await store.append([...yard.records, ...looks]);
      const due = await store.looksDue();
      const slots = due.flatMap((record) =>
        record.kind === 'frame-check' ? [record.content.slot] : [],
      );
      expect(slots.sort()).toEqual([2, 3]);
    });

    test('looks since a moment come with their frames and the looks before it', async () => {
      const store = await createStore();
      const yard = sampleYard();
      const looks = sampleLooks(yard, [sampleLook([9, 9]), sampleLook([5, 5])]);
      expect((await store.append([...yard.records, ...looks])).ok).toBe(true);
      const [first] = looks.filter((record) => record.kind === 'frame-check');
      const later = {
        ...first!,
        id: 'later-look',
        entityId: 'later-look',
        recordedAt: '2026-09-01T10:00:00.000Z',
      };
      expect((await store.append([later], { as: 'merge' })).ok).toBe(true);
      const found = await store.looksSince('2026-08-31T00:00:00.000Z');
      expect(found.map(({ entityId }) => entityId).sort()).toEqual(
        [first!.entityId, 'later-look', first!.content.frameId].sort(),
      );
      expect(await store.looksSince('2026-09-02T00:00:00.000Z')).toEqual([]);
    });

    test('a record that breaks its schema is refused, with its place, and nothing of the act is kept', async () => {
      const store = await createStore();
      const records = sampleLot();
      const wrong = { ...records[3]!, reason: 'x'.repeat(546) };
      expect(await store.append([...records.slice(0, 3), wrong])).toMatchObject({
        ok: false,
        error: { code: 'invalid-record', path: 'reason' },
      });
      expect(await store.all()).toEqual([]);
    });

    test('a record whose lot is not there is refused', async () => {
      const store = await createStore();
      const [, bucket] = sampleLot();
      expect(await store.append([bucket!])).toMatchObject({
        ok: false,
        error: { code: 'invalid-record', path: 'ownerId' },
      });
    });

    test('an act on what another has replaced is refused, with both and what they came from', async () => {
      const store = await createStore();
      const records = sampleLot();
      const [lot] = records;
      await store.append(records);
      const theirs = nextRevision(countingScribe('theirs'), lot!, { reason: 'Theirs' });
      const mine = nextRevision(countingScribe('mine'), lot!, { reason: 'Mine' });
      await store.append([theirs]);
      expect(await store.append([mine])).toMatchObject({
        ok: false,
        error: {
          code: 'changed-since',
          stale: [{ mine: { id: mine.id }, base: { id: lot!.id }, theirs: { id: theirs.id } }],
        },
      });
      expect((await store.append([mine], { as: 'merge' })).ok).toBe(true);
      const later = nextRevision(countingScribe('later'), mine, { reason: 'Later' });
      expect((await store.append([later])).ok).toBe(true);
    });

    test('a new frame hangs in a free place only', async () => {
      const store = await createStore();
      const yard = sampleYard();
      const looks = sampleLooks(yard, [sampleLook([9, 9])]);
      await store.append([...yard.records, ...looks]);
      const [frame, check] = sampleLooks({ ...yard, scribe: countingScribe('other') }, [
        sampleLook([2, 2]),
      ]);
      expect(await store.append([frame!, check!])).toMatchObject({
        ok: false,
        error: { code: 'place-taken' },
      });
      expect((await store.append([frame!, check!], { as: 'merge' })).ok).toBe(true);
    });

    test('rows set aside are kept and given out again, but nothing is computed from them', async () => {
      const store = await createStore();
      const [lot, ...rest] = sampleLot();
      const wrong = { ...rest[2]!, reason: 'x'.repeat(546) };
      const setAside = [
        setAsideOf(wrong, [{ path: 'reason', message: say('records.tooLong', { most: 500 }) }]),
      ];
      const done = await store.append([lot!, ...rest.slice(0, 2), wrong], {
        as: 'merge',
        setAside,
      });
      expect(done).toMatchObject({ ok: true, value: { written: 4 } });
      expect(ids(await store.all())).not.toContain(wrong.id);
      expect(await store.ofOwner(lot!.ownerId)).toHaveLength(3);
      expect(await store.rows('reading', [wrong.id])).toEqual([wrong]);
      expect((await store.inOrder(['reading'])).map((record) => record.id)).toEqual([wrong.id]);
      expect(await store.setAside()).toMatchObject([{ id: wrong.id, row: { id: wrong.id } }]);
      const better = nextRevision(countingScribe('better'), wrong, { reason: 'Corrected' });
      expect((await store.append([better])).ok).toBe(true);
      expect(await store.setAside()).toEqual([]);
      expect(ids(await store.all())).toContain(better.id);
    });

    test('of many asked for come those that are there, and what a large file refers to is found', async () => {
      const store = await createStore();
      const kept = sampleLot(countingScribe('kept'));
      await store.append(kept);
      const [lot, , , reading] = kept;
      const many = Array.from({ length: 300 }, (_, at) => `nowhere-${at}`);
      expect(ids(await store.rows('reading', [...many, reading!.id]))).toEqual([reading!.id]);
      expect(ids(await store.ofEntities('lot', [...many, lot!.entityId]))).toEqual([lot!.id]);
      const write = countingScribe('many');
      const readings = many.map(() =>
        firstRevision(write, 'reading', reading!.content as ReadingContent, lot!.entityId),
      );
      const appended = await store.append([...readings, reading!]);
      expect(appended).toEqual({ ok: true, value: { written: 300, alreadyThere: 1 } });
      const lost = { ...readings[0]!, id: 'lost', entityId: 'lost', ownerId: 'nowhere-1' };
      const refused = await store.append([...readings, lost]);
      expect(refused).toMatchObject({ ok: false, error: { code: 'invalid-record' } });
    });

    test('rows come in the order in which they were appended, whatever their clock says', async () => {
      const store = await createStore();
      const records = sampleLot();
      await store.append(records);
      const early = {
        ...nextRevision(countingScribe('early'), records[0]!, { reason: 'Early' }),
        recordedAt: '2001-01-01T00:00:00.000Z',
      };
      await store.append([early]);
      const order = [...records.map((record) => record.id), early.id];
      expect((await store.journal()).map((journalEntry) => journalEntry.id)).toEqual(order);
      expect((await store.inOrder(['lot', 'container'])).map((record) => record.id)).toEqual([
        records[0]!.id,
        records[1]!.id,
        early.id,
      ]);
    });
  });
}
