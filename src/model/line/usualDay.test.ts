import { describe, expect, test } from '@jest/globals';
import { extractionContentSchema } from '../../records';
import { USUAL_DAY, nextStart, usualLine } from './usualDay';

describe('a day that is planned', () => {
  test('starts as usual, or at the next half hour where that is over', () => {
    expect(nextStart(540, 480)).toBe(540);
    expect(nextStart(540, 540)).toBe(540);
    expect(nextStart(540, 1081)).toBe(1110);
    expect(nextStart(540, 1110)).toBe(1110);
    expect(nextStart(540, 1439)).toBe(1410);
  });

  test('by hand or by a motor it has a line that can be kept', () => {
    for (const byHand of [true, false]) {
      const line = usualLine(byHand);
      expect(line.extractor.byHand).toBe(byHand);
      const day = { ...USUAL_DAY, ...line, name: 'Extraction 1', day: '2026-08-01' };
      expect(extractionContentSchema.safeParse(day).error?.issues).toBeUndefined();
    }
    expect(usualLine(false).extractor).toEqual(USUAL_DAY.extractor);
    expect(usualLine(true).people).toHaveLength(1);
  });
});
