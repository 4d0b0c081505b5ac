import { describe, expect, test } from '@jest/globals';
import { settlingTask } from '../../model';
import { SAMPLE_SETTLING } from '../../records/test/sampleExtraction';
import { skimPlan } from '../../core';
import { clockText, durationText, readClock, spanText } from './clock';
import { clearingWords } from '../words/clearingWords';

describe('times of a day at the line', () => {
  test.each([
    ['9', 540],
    ['9:05', 545],
    ['9.05', 545],
    ['0905', 545],
    ['21h30', 1290],
    [' 7 15 ', 435],
    ['6pm', 1080],
    ['6:30 p.m.', 1110],
    ['12 am', 0],
    ['12pm', 720],
    ['18h', 1080],
    ['Noon', 720],
    ['24', 1440],
  ])('%s is %d minutes after midnight', (text, minutes) => {
    expect(readClock(text)).toBe(minutes);
  });

  test.each(['', 'soon', '9:75', '25:00', '24:30', '13pm', '0am', '9:5', '-3'])(
    '%p is no time',
    (text) => {
      expect(readClock(text)).toBeNull();
    },
  );

  test('there and back, beyond midnight too', () => {
    expect(clockText(545)).toBe('9:05');
    expect(clockText(544.6)).toBe('9:05');
    expect(clockText(1440 + 90)).toBe('1:30 next day');
    expect(clockText(2 * 1440 + 30)).toBe('0:30, 2 days later');
    expect(readClock(clockText(1439))).toBe(1439);
  });

  test('lengths are given no finer than worth it', () => {
    expect([35, 60, 160].map(durationText)).toEqual(['35 min', '1 h', '2 h 40 min']);
    expect([0.5, 14.4, 72, Infinity].map(spanText)).toEqual([
      '30 min',
      '14 hours',
      '3 days',
      'half a year or more',
    ]);
  });
});

describe('a vessel in words', () => {
  const filled = Date.parse(SAMPLE_SETTLING.filledAt);
  const { firstHours } = skimPlan(settlingTask(SAMPLE_SETTLING));

  test('skim at its time, now once that has come, nothing once it was skimmed twice', () => {
    expect(clearingWords(SAMPLE_SETTLING, filled)).toMatch(
      /^0 % of the bubbles .*; skim \w{3} \d+ Aug/,
    );
    const due = filled + (firstHours + 1) * 3_600_000;
    expect(clearingWords(SAMPLE_SETTLING, due)).toMatch(/^8\d % of the bubbles .*; skim now$/);
    const skim = { at: SAMPLE_SETTLING.filledAt, kg: null };
    expect(clearingWords({ ...SAMPLE_SETTLING, skims: [skim] }, due)).toContain('skim again');
    expect(clearingWords({ ...SAMPLE_SETTLING, skims: [skim, skim] }, due)).not.toContain('skim');
  });
});
