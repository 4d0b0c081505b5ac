import { describe, expect, test } from '@jest/globals';
import { DEFAULT_PREFERENCES } from '../records';
import { RipenumDatabase } from './database';
import { dropDraft, keepDraft, takeOverDrafts } from './drafts';
import { loadPreferences, savePreferences } from './settings';

let count = 0;
const fresh = (): RipenumDatabase => new RipenumDatabase(`test-drafts-${(count += 1)}`);
const live = (...ids: string[]): Set<string> => new Set(ids);

const found = async (...asked: Parameters<typeof takeOverDrafts>) =>
  (await takeOverDrafts(...asked)).drafts;

describe('drafts', () => {
  test('those of forms as an earlier version had them are dropped once, and counted; texts stay', async () => {
    const database = fresh();
    const row = { tabId: 'a', savedAt: '2026-11-01T10:00:00.000Z' };
    await database.drafts.bulkPut([
      { ...row, key: 'a|reading:1', formKey: 'reading:1', values: { dial: '17' } },
      { ...row, key: 'a|clean', formKey: 'clean', values: { text: '4' } },
    ]);
    await keepDraft(database, 'a', 'reading:2', { dialValue: '18' });
    expect(await takeOverDrafts(database, 'a', live('a'))).toEqual({
      drafts: { clean: { text: '4' }, 'reading:2': { dialValue: '18' } },
      dropped: 1,
    });
    expect((await takeOverDrafts(database, 'a', live('a'))).dropped).toBe(0);
  });

  test('a tab finds what it typed after a reload', async () => {
    const database = fresh();
    await keepDraft(database, 'a', 'reading:1', { dial: '17' });
    await keepDraft(database, 'a', 'reading:1', { dial: '17.4' });
    expect(await found(database, 'a', live('a'))).toEqual({
      'reading:1': { dial: '17.4' },
    });
  });

  test('two open tabs do not see what the other types', async () => {
    const database = fresh();
    await keepDraft(database, 'a', 'reading:1', { dial: '17' });
    await keepDraft(database, 'b', 'reading:1', { dial: '18' });
    expect(await found(database, 'b', live('a', 'b'))).toEqual({
      'reading:1': { dial: '18' },
    });
  });

  test('a new tab takes over what a closed one left behind, once', async () => {
    const database = fresh();
    await keepDraft(database, 'dead', 'reading:1', { dial: '17' });
    expect(await found(database, 'new', live('new'))).toEqual({
      'reading:1': { dial: '17' },
    });
    expect(await found(database, 'third', live('new', 'third'))).toEqual({});
  });

  test('of several left behind for one form the newest comes first, the others later', async () => {
    const database = fresh();
    await keepDraft(database, 'dead-1', 'new-lot', { name: 'older' });
    await new Promise((resolve) => setTimeout(resolve, 5));
    await keepDraft(database, 'dead-2', 'new-lot', { name: 'newer' });
    expect(await found(database, 'a', live('a'))).toEqual({
      'new-lot': { name: 'newer' },
    });
    await dropDraft(database, 'a', 'new-lot');
    expect(await found(database, 'a', live('a'))).toEqual({
      'new-lot': { name: 'older' },
    });
  });
});

describe('preferences', () => {
  test('the shipped ones hold until others are kept; a broken row is not believed', async () => {
    const database = fresh();
    expect(await loadPreferences(database)).toEqual(DEFAULT_PREFERENCES);
    await savePreferences(database, { ...DEFAULT_PREFERENCES, temperatureUnit: 'F' });
    expect((await loadPreferences(database)).temperatureUnit).toBe('F');
    await database.settings.put({ key: 'preferences', value: { massUnit: 'stone' } as never });
    expect(await loadPreferences(database)).toEqual(DEFAULT_PREFERENCES);
  });
});
