import { describe, expect, test } from '@jest/globals';
import Dexie from 'dexie';
import { sampleExtraction } from '../records/test/sampleExtraction';
import { countingScribe, sampleLot } from '../records/test/sampleLot';
import { fromOlder, olderRevision } from '../records/test/olderRecords';
import { nextRevision } from '../records';
import { DATED_YEARS, say } from '../core';
import { sampleRoom } from '../records/test/sampleRoom';
import { STRICTNESS, checkRows } from './checkRows';
import {
  DATABASE_VERSION,
  NewerDatabaseError,
  RipenumDatabase,
  databaseOf,
  onSuperseded,
} from './database';
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
    old.version(2).stores(Object.fromEntries(tables.map((table) => [table, indexes])));
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
    old.version(3).stores(Object.fromEntries(tables.map((table) => [table, indexes])));
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

describe('a database of the fifth version, with a year that nobody meant', () => {
  const indexes = 'id, entityId, ownerId, recordedAt';

  async function fifth(name: string, rows: Record<string, readonly object[]>): Promise<void> {
    const old = new Dexie(name);
    old.version(5).stores({
      ...Object.fromEntries(Object.keys(rows).map((key) => [key, indexes])),
      drafts: 'key, tabId, formKey',
      settings: 'key',
    });
    for (const [table, own] of Object.entries(rows)) await old.table(table).bulkAdd([...own]);
    old.close();
  }

  test('sets that row aside, tells what is wrong with it, and takes its correction', async () => {
    const scribe = countingScribe('fifth');
    const [room, batch] = sampleRoom(scribe);
    if (batch?.kind !== 'batch') throw new Error('no batch');
    const slip = { ...batch, content: { ...batch.content, inAt: '0026-08-01T10:00:00.000Z' } };
    await fifth('test-upgrade-5', { warmRooms: [room!], batches: [slip] });
    const database = new RipenumDatabase('test-upgrade-5');
    await checkRows(database);
    const store = createDexieRecordStore(database);
    expect(await store.ofKinds(['batch', 'warm-room'])).toEqual([room]);
    expect(await store.setAside()).toMatchObject([
      {
        id: batch.id,
        troubles: [
          {
            path: 'content.inAt',
            message: say('records.year', { low: DATED_YEARS[0], high: DATED_YEARS[1] }),
          },
        ],
      },
    ]);
    const right = nextRevision(countingScribe('right'), slip, {
      content: batch.content,
      reason: 'The year was wrong',
    });
    expect((await store.append([right])).ok).toBe(true);
    expect(await store.setAside()).toEqual([]);
    expect(await store.ofKinds(['batch'])).toEqual([right]);
  });

  test('its rows are entered in the journal by their clock', async () => {
    const [lot, bucket] = sampleLot(countingScribe('clock'));
    const later = { ...lot!, recordedAt: '2026-09-01T10:00:00.000Z' };
    await fifth('test-upgrade-journal', { lots: [later], containers: [bucket!] });
    const store = createDexieRecordStore(new RipenumDatabase('test-upgrade-journal'));
    expect((await store.journal()).map((journalEntry) => journalEntry.kind)).toEqual([
      'container',
      'lot',
    ]);
  });

  test('rows are checked once, and again only when the schemas have become stricter', async () => {
    const database = new RipenumDatabase('test-upgrade-once');
    await checkRows(database);
    const lot = { ...sampleLot()[0]!, recordedAt: 'never' };
    await database.tableOf('lot').add(lot);
    await database.journal.add({ id: lot.id, kind: 'lot' });
    await checkRows(database);
    expect(await database.setAside.count()).toBe(0);
    await database.settings.put({ key: 'checked', value: STRICTNESS - 1 });
    await checkRows(database);
    expect(await database.setAside.count()).toBe(1);
  });
});

/** Opens a database as a newer version of the application would, which has one table more. */
function openNewer(name: string): Promise<IDBDatabase> {
  const request = indexedDB.open(name, (DATABASE_VERSION + 1) * 10);
  request.onupgradeneeded = () => request.result.createObjectStore('more');
  return new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(new Error(request.error?.message));
  });
}

const NOT_TOUCHED = { ok: false, error: { code: 'newer-database' } };

describe('a database that a newer version of the application has written', () => {
  test('is neither read nor written', async () => {
    (await openNewer('test-newer')).close();
    const database = new RipenumDatabase('test-newer');
    await expect(database.open()).rejects.toThrow(NewerDatabaseError);
    const store = createDexieRecordStore(new RipenumDatabase('test-newer'));
    expect(await store.append(sampleLot())).toMatchObject(NOT_TOUCHED);
    const kept = new Dexie('test-newer');
    await kept.open();
    expect(await kept.table('lots').count()).toBe(0);
    kept.close();
  });

  test('nor when the newer version comes while it is open', async () => {
    let heard = 0;
    onSuperseded(() => (heard += 1));
    const store = createDexieRecordStore(databaseOf('mine'));
    const [lot, ...rest] = sampleLot();
    expect((await store.append([lot!])).ok).toBe(true);
    const newer = await openNewer('ripenum-mine');
    expect(await store.append(rest)).toMatchObject(NOT_TOUCHED);
    newer.close();
    expect(await store.append(rest)).toMatchObject(NOT_TOUCHED);
    expect(heard).toBe(1);
    // closed for good: not even opened again to look
    await expect(databaseOf('mine').settings.count()).rejects.not.toThrow('NewerDatabaseError');
  });

  test('nor when the browser had closed it meanwhile', async () => {
    const database = new RipenumDatabase('test-newer-later');
    const store = createDexieRecordStore(database);
    const [lot, ...rest] = sampleLot();
    expect((await store.append([lot!])).ok).toBe(true);
    database.close({ disableAutoOpen: false });
    (await openNewer('test-newer-later')).close();
    expect(await store.append(rest)).toMatchObject(NOT_TOUCHED);
  });
});
