import { describe, expect, test } from '@jest/globals';
import Dexie from 'dexie';
import { sampleExtraction } from '../records/test/sampleExtraction';
import { countingScribe, sampleLot } from '../records/test/sampleLot';
import { fromOlder, olderRevision } from '../records/test/olderRecords';
import { RipenumDatabase } from './database';
import { createDexieRecordStore } from './dexieRecordStore';

const FIRST_INDEXES = 'id, entityId, lotId, recordedAt';

describe('a database of the first version', () => {
  test('is brought to the present one in place, and nothing is lost', async () => {
    const records = sampleLot(countingScribe('old'));
    const old = new Dexie('test-upgrade');
    old.version(1).stores({
      lots: FIRST_INDEXES,
      containers: FIRST_INDEXES,
      combJudgements: FIRST_INDEXES,
      readings: FIRST_INDEXES,
      rulings: FIRST_INDEXES,
      drafts: 'key, tabId, formKey',
      settings: 'key',
    });
    const tables = ['lots', 'containers', 'combJudgements', 'readings'];
    for (const [at, record] of records.entries()) {
      await old.table(tables[at]!).add(olderRevision(record, 1));
    }
    old.close();
    const store = createDexieRecordStore(new RipenumDatabase('test-upgrade'));
    const kept = await store.ofOwner(records[0]!.ownerId);
    expect(kept.sort((a, b) => a.id.localeCompare(b.id))).toEqual(
      records.map(fromOlder).sort((a, b) => a.id.localeCompare(b.id)),
    );
  });
});

describe('a database of the second version', () => {
  test('is brought to the present one in place', async () => {
    const records = sampleLot(countingScribe('second'));
    const old = new Dexie('test-upgrade-2');
    const indexes = 'id, entityId, ownerId, recordedAt';
    const tables = ['lots', 'containers', 'combJudgements', 'readings'];
    old.version(2).stores(Object.fromEntries(tables.map((one) => [one, indexes])));
    for (const [at, record] of records.entries()) {
      await old.table(tables[at]!).add(olderRevision(record, 2));
    }
    old.close();
    const store = createDexieRecordStore(new RipenumDatabase('test-upgrade-2'));
    const kept = await store.ofOwner(records[0]!.ownerId);
    expect(new Set(kept)).toEqual(new Set(records.map(fromOlder)));
  });
});

describe('a database of the third version', () => {
  test('is brought to the present one in place, and takes what came with it', async () => {
    const records = sampleLot(countingScribe('third'));
    const old = new Dexie('test-upgrade-3');
    const indexes = 'id, entityId, ownerId, recordedAt';
    const tables = ['lots', 'containers', 'combJudgements', 'readings'];
    old.version(3).stores(Object.fromEntries(tables.map((one) => [one, indexes])));
    for (const [at, record] of records.entries()) {
      await old.table(tables[at]!).add(olderRevision(record, 3));
    }
    old.close();
    const store = createDexieRecordStore(new RipenumDatabase('test-upgrade-3'));
    expect(new Set(await store.ofOwner(records[0]!.ownerId))).toEqual(new Set(records));
    const more = sampleExtraction(countingScribe('more'), records[0]!.ownerId);
    expect(await store.append(more)).toMatchObject({ ok: true });
    expect(await store.ofOwner(records[0]!.ownerId)).toHaveLength(records.length + 3);
  });
});
