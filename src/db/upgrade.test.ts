import { describe, expect, test } from '@jest/globals';
import Dexie from 'dexie';
import { countingScribe, sampleLot } from '../records/test/sampleLot';
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
    for (const [at, { ownerId, ...rest }] of records.entries()) {
      await old.table(tables[at]!).add({ ...rest, lotId: ownerId, schemaVersion: 1 });
    }
    old.close();
    const store = createDexieRecordStore(new RipenumDatabase('test-upgrade'));
    const kept = await store.ofOwner(records[0]!.ownerId);
    expect(kept.sort((a, b) => a.id.localeCompare(b.id))).toEqual(
      [...records].sort((a, b) => a.id.localeCompare(b.id)),
    );
  });
});
