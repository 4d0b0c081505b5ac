import { describe, expect, test } from '@jest/globals';
import type { AnyRecord } from '../../records';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import type { RecordStore } from '../recordStore';

/** What every adapter of the record store must do. */
export function recordStoreSuite(name: string, createStore: () => Promise<RecordStore>): void {
  describe(`record store: ${name}`, () => {
    const ids = (records: readonly AnyRecord[]) => records.map((one) => one.id).sort();

    test('keeps what is appended and gives it back by lot and as a whole', async () => {
      const store = await createStore();
      const one = sampleLot(countingScribe('one'));
      const two = sampleLot(countingScribe('two'));
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
        (one) => Object.fromEntries(Object.entries(one).reverse()) as AnyRecord,
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
      expect((await store.all()).find((one) => one.id === altered.id)?.author).toBe('AB');
    });

    test('what was handed in can be changed afterwards without changing what is kept', async () => {
      const store = await createStore();
      const records = structuredClone(sampleLot());
      await store.append(records);
      records[0]!.author = 'changed';
      expect((await store.all()).map((one) => one.author)).not.toContain('changed');
    });

    test('two appends at once both arrive', async () => {
      const store = await createStore();
      const [a, b] = [sampleLot(countingScribe('a')), sampleLot(countingScribe('b'))];
      await Promise.all([store.append(a), store.append(b)]);
      expect(await store.all()).toHaveLength(8);
    });
  });
}
