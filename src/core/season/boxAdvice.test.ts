import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { USUAL_GAIN_KG_PER_DAY, boxAdvice, type BoxQuestion } from './boxAdvice';

const question = (change: Partial<BoxQuestion> = {}): BoxQuestion => ({
  daysLeft: 14,
  gainKgPerDay: USUAL_GAIN_KG_PER_DAY,
  roomKg: 3,
  boxKg: 18,
  coldestNightC: null,
  ...change,
});

describe('another box (common practice, no source)', () => {
  test.each([
    ['full in two days, a fortnight to go', question(), 'add', 15],
    ['a flow that fades: it would get nothing', question({ daysLeft: 3 }), 'too-late', 0.86],
    ['room for a week', question({ roomKg: 9 }), 'wait', 9],
    ['room for a week, cold nights', question({ roomKg: 9, coldestNightC: 5 }), 'too-soon', 9],
    ['no flow', question({ daysLeft: 0 }), 'too-late', 0],
  ] as const)('%s', (_, asked, advice, wouldGetKg) => {
    const found = boxAdvice(asked);
    expect(found.advice).toBe(advice);
    expect(found.wouldGetKg).toBeCloseTo(wouldGetKg, 1);
  });

  test('a longer flow never turns a box that is due into one that is too late', () => {
    const days = fc.double({ min: 0, max: 60, noNaN: true });
    fc.assert(
      fc.property(days, days, fc.double({ min: 0, max: 40, noNaN: true }), (a, b, roomKg) => {
        const [short, long] = [Math.min(a, b), Math.max(a, b)];
        const before = boxAdvice(question({ daysLeft: short, roomKg }));
        const after = boxAdvice(question({ daysLeft: long, roomKg }));
        expect(after.wouldGetKg).toBeGreaterThanOrEqual(before.wouldGetKg);
        if (before.advice !== 'too-late') expect(after.advice).not.toBe('too-late');
      }),
    );
  });

  test.each([
    [{ daysLeft: -1 }, 'daysLeft'],
    [{ gainKgPerDay: 21 }, 'gainKgPerDay'],
    [{ roomKg: 501 }, 'roomKg'],
    [{ boxKg: 0 }, 'boxKg'],
    [{ coldestNightC: NaN }, 'coldestNightC'],
  ])('%p is refused', (change, param) => {
    expect(() => boxAdvice(question(change))).toThrow(param);
  });
});
