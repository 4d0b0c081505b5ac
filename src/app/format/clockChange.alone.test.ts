/** @jest-environment <rootDir>/scripts/jest/zoneEnvironment.mjs */
import { describe, expect, test } from '@jest/globals';
import { clockMin, localDayOf, momentOfClock } from '../../model';
import { readLog, guessLog, FRESH_LOG } from '../stations/warmRoom/logTable';
import { tell } from '../words/tell';

/** Set up by the environment of these tests. */
declare const setTimeZone: (zone: string) => void;
const inZone = (zone: string): void => setTimeZone(zone);

const ZONES = [
  'UTC',
  'America/Los_Angeles',
  'Pacific/Auckland',
  'America/St_Johns',
  'Asia/Kolkata',
];

const read = (lines: readonly string[]) => {
  const paste = ['Date;Temperature;Humidity', ...lines].join('\n');
  return readLog({ ...FRESH_LOG, paste, ...guessLog(paste) });
};

/** Hours from the first entry to each. */
const hours = (lines: readonly string[]): number[] =>
  (read(lines).content?.minutes ?? []).map((minute) => minute / 60);

describe('days have no time zone', () => {
  test.each(ZONES)('a day that the rules say is the day on the label, in %s', (zone) => {
    inZone(zone);
    // 24 Aug 2026 is day 20,689 since 1970: 56 years of 365 days, 14 leap days, 235 days
    expect(tell({ as: 'day', day: 56 * 365 + 14 + 235 })).toBe('24 Aug 2026');
  });

  test('an evening west of Greenwich is of its own day', () => {
    inZone('America/Los_Angeles');
    expect(localDayOf('2026-08-25T03:30:00.000Z')).toBe('2026-08-24');
  });
});

describe('the clock of the line on days on which clocks are set', () => {
  test.each([
    ['Europe/Berlin', '2026-03-29'],
    ['Europe/Berlin', '2026-10-25'],
    ['America/New_York', '2026-03-08'],
    ['America/New_York', '2026-11-01'],
  ])('nine o’clock is nine on the wall: %s, %s', (zone, day) => {
    inZone(zone);
    const nine = momentOfClock(day, 9 * 60);
    expect(new Date(nine).getHours()).toBe(9);
    expect(localDayOf(nine)).toBe(day);
    expect(clockMin(day, nine)).toBe(540);
    expect(clockMin(day, new Date(nine).toISOString())).toBe(540);
  });
});

describe('a logger’s lines on days on which clocks are set', () => {
  const line = (time: string, at: number): string => `2026-${time};${(20 + at / 10).toFixed(1)};50`;

  test('an hour that the clock shows twice keeps all its lines, oldest first', () => {
    inZone('Europe/Berlin');
    const times = ['01:30', '02:00', '02:30', '02:00', '02:30', '03:00'];
    expect(hours(times.map((text, at) => line(`10-25 ${text}`, at)))).toEqual([
      0, 0.5, 1, 1.5, 2, 2.5,
    ]);
  });

  test('the same with the latest line first', () => {
    inZone('Europe/Berlin');
    const times = ['03:00', '02:30', '02:00', '02:30', '02:00', '01:30'];
    const lines = times.map((text, at) => line(`10-25 ${text}`, at));
    expect(hours(lines)).toEqual([0, 0.5, 1, 1.5, 2, 2.5]);
    expect(read(lines).content?.temperatureC).toEqual([20.5, 20.4, 20.3, 20.2, 20.1, 20]);
  });

  test('a logger that was not set forward keeps the hour that clocks have skipped', () => {
    inZone('Europe/Berlin');
    const times = ['01:30', '02:00', '02:30', '03:00', '03:30'];
    const lines = times.map((text, at) => line(`03-29 ${text}`, at));
    expect(hours(lines)).toEqual([0, 0.5, 1, 1.5, 2]);
    expect(read(lines).zeroMs).toBe(Date.UTC(2026, 2, 29, 0, 30));
  });

  test('one that was set forward has no gap there', () => {
    inZone('Europe/Berlin');
    const lines = ['01:30', '03:00', '03:30'].map((text, at) => line(`03-29 ${text}`, at));
    expect(hours(lines)).toEqual([0, 0.5, 1]);
  });

  test('another value at the same time is named, not dropped', () => {
    inZone('UTC');
    const log = read([line('10-25 01:00', 0), line('10-25 01:00', 5), line('10-25 02:00', 0)]);
    expect(log.content?.minutes).toEqual([0, 60]);
    expect(log.bad).toMatchObject([{ line: 3, sentence: 'An earlier line has the same time.' }]);
  });
});
