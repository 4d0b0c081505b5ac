import { describe, expect, test } from '@jest/globals';
import { DomainError } from '../errors';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import { blendUncertainty } from './blendUncertainty';
import { confidenceAgainstBad, distributionFreeSample, probabilityOfNoneBad } from './finiteLot';
import { toleranceFactor } from './toleranceFactor';

describe('one-sided tolerance factor', () => {
  /** ISO 16269-6, one-sided, σ unknown; values recalled from memory of the tables. */
  test.each([
    [5, 0.95, 4.203],
    [10, 0.95, 2.911],
    [20, 0.95, 2.396],
    [10, 0.9, 2.355],
  ])('ISO 16269-6 (recalled from memory): n = %d, content %d gives k = %d', (n, content, k) => {
    expect(toleranceFactor(n, { content, confidence: 0.95 })).toBeCloseTo(k, 2);
  });

  // python3 -c "from scipy.stats import nct,norm; print(nct.ppf(.95,6,norm.ppf(.95)*7**.5)/7**.5)"
  test('scipy.stats.nct for n = 7', () => {
    expect(toleranceFactor(7)).toBeCloseTo(3.399, 2);
  });

  test('testing after every reading from 5 to 20 passes a boundary lot 17 % of the time, not 5 %', () => {
    const draw = normalDraws(seededRandom(11));
    const factors = new Map(
      Array.from({ length: 16 }, (_, at) => [at + 5, toleranceFactor(at + 5)]),
    );
    const limit = 1.6448536;
    let passed = 0;
    const lots = 4000;
    for (let lot = 0; lot < lots; lot += 1) {
      const values: number[] = [];
      for (let n = 1; n <= 20; n += 1) {
        values.push(draw());
        if (n < 5) continue;
        const mean = values.reduce((sum, value) => sum + value, 0) / n;
        const s = Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (n - 1));
        if (mean + factors.get(n)! * s <= limit) {
          passed += 1;
          break;
        }
      }
    }
    expect(passed / lots).toBeGreaterThan(0.15);
    expect(passed / lots).toBeLessThan(0.19);
  });

  test('one container is no sample', () => {
    expect(() => toleranceFactor(1)).toThrow(DomainError);
  });
});

describe('small lots, exactly', () => {
  test('20 containers, 13 tested good: two bad ones are ruled out at 88.9 % (handbook row)', () => {
    expect(confidenceAgainstBad(20, 13, 2)).toBeCloseTo(0.889, 3);
    expect(confidenceAgainstBad(20, 15, 2)).toBeCloseTo(0.947, 3);
  });

  test('59 good of 59 for 95/95 without assuming a normal (handbook row)', () => {
    expect(distributionFreeSample(0.95, 0.95)).toBe(59);
  });

  test('all tested rules everything out, none tested nothing', () => {
    expect(probabilityOfNoneBad(20, 20, 1)).toBe(0);
    expect(probabilityOfNoneBad(20, 0, 3)).toBe(1);
    expect(() => probabilityOfNoneBad(5, 6, 1)).toThrow(DomainError);
  });
});

describe('blends', () => {
  test('two halves of 0.10 and 0.10 give 0.122, ten tenths 0.105 (handbook row)', () => {
    expect(blendUncertainty([0.5, 0.5], 0.1, 0.1)).toBeCloseTo(0.122, 3);
    expect(blendUncertainty(Array<number>(10).fill(0.1), 0.1, 0.1)).toBeCloseTo(0.105, 3);
  });

  test('averaging never removes what all readings share', () => {
    expect(blendUncertainty(Array<number>(1000).fill(0.001), 0.1, 0.1)).toBeGreaterThan(0.1);
    expect(() => blendUncertainty([2], 0.1, 0.1)).toThrow(DomainError);
  });
});
