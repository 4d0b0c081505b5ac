import { describe, expect, test } from '@jest/globals';
import { sampleLot } from '../records/test/sampleLot';
import { copyState, isCopyDue, keepCopyMark } from './copies';
import { RipenumDatabase } from './database';
import { createDexieRecordStore } from './dexieRecordStore';

const COPIED = { at: '2026-11-01T10:00:00.000Z', records: 20 };
const daysLater = (days: number): number => Date.parse(COPIED.at) + days * 86_400_000;

describe('copies of everything', () => {
  test('what was written after the last copy is in none', async () => {
    const database = new RipenumDatabase('test-copies');
    const store = createDexieRecordStore(database);
    const lot = sampleLot();
    expect(await copyState(database)).toEqual({ last: null, since: 0 });
    await store.append(lot.slice(0, 1));
    const mark = { at: COPIED.at, records: 1 };
    await keepCopyMark(database, mark);
    expect(await copyState(database)).toEqual({ last: mark, since: 0 });
    await store.append(lot.slice(1));
    expect(await copyState(database)).toEqual({ last: mark, since: lot.length - 1 });
  });

  test('a copy is due a week after the last one, where something is new', () => {
    expect(isCopyDue({ last: COPIED, since: 1 }, daysLater(7))).toBe(true);
    expect(isCopyDue({ last: COPIED, since: 1 }, daysLater(6.9))).toBe(false);
    expect(isCopyDue({ last: COPIED, since: 0 }, daysLater(300))).toBe(false);
  });

  test('the first one is due once there is something to lose', () => {
    expect(isCopyDue({ last: null, since: 20 }, daysLater(0))).toBe(true);
    expect(isCopyDue({ last: null, since: 19 }, daysLater(0))).toBe(false);
  });
});
