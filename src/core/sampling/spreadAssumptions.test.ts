import { describe, expect, test } from '@jest/globals';
import { normalQuantile } from '../stats/normal';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { andersonDarling, grubbsCritical, spreadDoubt } from './spreadAssumptions';

describe('whether a sample looks like one normal spread', () => {
  test('critical values of Grubbs’ table, one-sided 5 % (recalled from memory)', () => {
    expect(grubbsCritical(5)).toBeCloseTo(1.672, 2);
    expect(grubbsCritical(10)).toBeCloseTo(2.176, 2);
    expect(grubbsCritical(20)).toBeCloseTo(2.557, 2);
  });

  test('Anderson–Darling: hardly anything for normal scores, much for two groups', () => {
    const scores = Array.from({ length: 30 }, (_, at) => 17 + normalQuantile((at + 0.5) / 30));
    expect(andersonDarling(scores)).toBeLessThan(0.1);
    expect(
      andersonDarling(scores.map((score) => (score > 17 ? score + 4 : score))),
    ).toBeGreaterThan(1.5);
  });

  test('normal samples are taken for something else about one time in ten, no more', () => {
    const draw = normalDraws(seededRandom(12));
    let doubted = 0;
    for (let one = 0; one < 800; one += 1) {
      if (spreadDoubt(Array.from({ length: 29 }, () => 17 + 0.3 * draw())) !== null) doubted += 1;
    }
    expect(doubted / 800).toBeGreaterThan(0.04);
    expect(doubted / 800).toBeLessThan(0.12);
  });

  test('a wet one is an outlier, a second group is not normal, a few or all alike say nothing', () => {
    const even = Array.from({ length: 29 }, (_, at) => 17 + 0.3 * normalQuantile((at + 0.5) / 29));
    expect(spreadDoubt([...even, 19])).toBe('outlier');
    expect(spreadDoubt(even.map((value, at) => value + (at % 2) * 1.8))).toBe('not-normal');
    expect(spreadDoubt([17, 19, 17, 17])).toBeNull();
    expect(spreadDoubt([17, 17, 17, 17, 17, 17])).toBeNull();
  });

  test('what is no number is refused', () => {
    expect(() => spreadDoubt([17, NaN])).toThrow('values');
    expect(() => grubbsCritical(2)).toThrow('n');
    expect(() => andersonDarling([1, 2])).toThrow('values');
    expect(() => andersonDarling([17, 17, 17, 17, 17])).toThrow('spread');
  });
});
