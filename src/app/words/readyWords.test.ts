import { describe, expect, test } from '@jest/globals';
import { adviceWords } from './advice';
import { localText, midnightBefore, momentOfLocal } from '../format/localMoment';
import { readyWords } from './readyWords';
import { DEFAULT_PREFERENCES } from '../../records';

const ZERO = new Date(2026, 10, 23).getTime();
const NOW = new Date(2026, 10, 25, 9).getTime();
const NOW_DAY = 2.375;
const say = (early: number, likely: number, late: number, within = 1): string =>
  readyWords(
    { within, earlyDay: NOW_DAY + early, likelyDay: NOW_DAY + likely, lateDay: NOW_DAY + late },
    { zeroMs: ZERO, nowMs: NOW, daysAhead: 10 },
  );

describe('when a batch is ready, given no finer than the band', () => {
  test('days, parts of a day, hours', () => {
    expect(say(1, 2.2, 4)).toBe('Ready tomorrow to Sunday, most likely Friday');
    expect(say(1, 1.8, 2.5)).toBe(
      'Ready tomorrow morning to Friday evening, most likely early Friday',
    );
    expect(say(1, 1.1, 1.2)).toBe(
      'Ready tomorrow 9:00 to tomorrow 13:00, most likely tomorrow 11:00',
    );
  });

  test('perhaps now, now, not at all', () => {
    expect(say(-0.5, 0.4, 1)).toBe(
      'Ready by tomorrow morning, perhaps already, most likely this evening',
    );
    expect(say(-2, -1, -0.2)).toBe('Dry enough now');
    expect(say(3, Infinity, Infinity, 0.42)).toBe('Not before Saturday; 42 % sure within 10 days');
    expect(say(Infinity, Infinity, Infinity, 0.01)).toBe('Not dry enough within 10 days');
  });

  test('one day where early and late fall on the same', () => {
    expect(say(7.1, 7.2, 9.2)).toContain('Wednesday 2 Dec');
  });
});

describe('moments as the browser types them', () => {
  test('come back to the minute; nonsense is none', () => {
    const moment = '2026-11-25T08:15:00.000Z';
    expect(momentOfLocal(localText(moment))).toBe(moment);
    expect(momentOfLocal('')).toBeNull();
    expect(momentOfLocal('soon')).toBeNull();
    expect(midnightBefore(NOW)).toBe(new Date(2026, 10, 25).getTime());
  });
});

describe('advice in words', () => {
  const context = {
    preferences: DEFAULT_PREFERENCES,
    nameOf: () => 'First load',
    dayWords: () => 'on Friday',
  };
  test('each says what to do, with its numbers', () => {
    const all = [
      { kind: 'gains-water', batchId: 'a', byPercent: 0.42, surfacePercent: 22.3 },
      { kind: 'comb-softens', hottestC: 37, day: 3 },
      { kind: 'machine-too-warm', hottestC: 37, warmestC: 35 },
      { kind: 'cold-boxes', batchId: 'a', honeyKPa: 1.14, airKPa: 1.71 },
      { kind: 'hard-to-extract', batchId: 'a', percent: 14.6, day: 5 },
      { kind: 'machine-flat-out', humidity: 0.41, wanted: 0.3 },
      { kind: 'machine-enough-for', share: 0.5, humidity: 0.32 },
      { kind: 'door', times: 3, waterKg: 0.09 },
      { kind: 're-wets', batchId: 'a', byPercent: 0.3, surfacePercent: 21.4 },
    ] as const;
    expect(all.map((item) => adviceWords(item, context))).toMatchInlineSnapshot(`
      [
        "The air is wetter than the honey: First load would gain 0.4 points within a day, its surface reaching 22.3 %. Dry the air first, or take it out.",
        "The air will reach 37.0 °C on Friday: above 35.0 °C new comb softens and sags. Set it lower, or let heat out.",
        "The dehumidifier is made for air up to 35.0 °C; here it gets 37.0 °C. It may cut out or wear out.",
        "First load comes in cold: 1.1 kPa of vapour at its surface against 1.7 in the air, so it takes up water until it is warm. Warm it covered, or in dry air.",
        "First load would end at 14.6 % and fall below 15 % on Friday: honey that dry hardly leaves the comb. Take it out before then.",
        "The dehumidifier runs all the time and the air stays at 41 % instead of 30 %: the machine is the limit, not time. Load fewer boxes, or add a second machine.",
        "With 50 % of this load the dehumidifier would reach 32 % on the second day.",
        "The log shows the door opened 3 times in the last day: about 90 g of water came in with outside air. Go in seldom, and carry everything in at once.",
        "If you switched the room off now, First load would gain 0.3 points within a day from outside air, its surface 21.4 %: extract soon, or cover it tightly.",
      ]
    `);
  });
});
