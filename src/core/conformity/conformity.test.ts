import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import {
  GUARD_FACTOR,
  conformityDecision,
  conformityProbability,
  decisionOn,
  expandedOf,
  guardOf,
  normalEquivalent,
} from './conformity';

describe('probability of conformity', () => {
  // python3 -c "from scipy.stats import norm; print(norm.cdf((18.6-18.2)/0.25))"
  test('scipy.stats.norm.cdf(1.6)', () => {
    const estimate = { mean: 18.2, standardUncertainty: 0.25 };
    expect(conformityProbability(estimate, 18.6)).toBeCloseTo(0.945200708300442, 10);
  });

  test('the guard band is 1.645 u (JCGM 106, recalled from memory)', () => {
    expect(GUARD_FACTOR).toBeCloseTo(1.645, 3);
    const at = (mean: number) => conformityProbability({ mean, standardUncertainty: 0.2 }, 20);
    expect(at(20 - GUARD_FACTOR * 0.2)).toBeCloseTo(0.95, 9);
  });

  test('a lower limit turns the sign', () => {
    const solids = { mean: 81.6, standardUncertainty: 0.2 };
    const water = { mean: 18.4, standardUncertainty: 0.2 };
    expect(conformityProbability(solids, 81.4, 'lower')).toBeCloseTo(
      conformityProbability(water, 18.6),
      12,
    );
  });

  test('without uncertainty the answer is yes or no, and the limit itself is within', () => {
    const at = (mean: number) => conformityProbability({ mean, standardUncertainty: 0 }, 20);
    expect([at(19.99), at(20), at(20.01)]).toEqual([1, 1, 0]);
  });

  test('wetter never conforms better', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 14, max: 24, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (mean, more, standardUncertainty) =>
          conformityProbability({ mean: mean + more, standardUncertainty }, 20) <=
          conformityProbability({ mean, standardUncertainty }, 20) + 1e-12,
      ),
    );
  });

  test('decisions change at 0.05 and 0.95', () => {
    expect(
      [0.96, 0.95, 0.949, 0.5, 0.051, 0.05, 0].map((value) => conformityDecision(value)),
    ).toEqual([
      'conforms',
      'conforms',
      'not-settled',
      'not-settled',
      'not-settled',
      'over',
      'over',
    ]);
  });

  test('few degrees of freedom ask for a wider guard, watching for a wider still', () => {
    const normal = { mean: 18, standardUncertainty: 0.2 };
    const quickTake = { ...normal, degreesOfFreedom: 5 };
    expect(guardOf(normal)).toBeCloseTo(0.329, 3);
    expect(guardOf(quickTake)).toBeCloseTo(2.015 * 0.2, 3);
    expect(guardOf({ ...quickTake, conformsFrom: 0.975 })).toBeCloseTo(expandedOf(quickTake), 9);
    expect(normalEquivalent(quickTake)).toBeGreaterThan(0.2);
    expect(decisionOn(quickTake, 18.41)).toBe('conforms');
    expect(decisionOn({ ...quickTake, conformsFrom: 0.98 }, 18.41)).toBe('not-settled');
    expect(decisionOn({ ...quickTake, conformsFrom: 0.98 }, 17.2)).toBe('over');
  });

  test('as a normal it is as wide as its guard band says, and never narrower than it was', () => {
    const quickTake = { standardUncertainty: 0.3, degreesOfFreedom: 4 };
    expect(normalEquivalent({ standardUncertainty: 0.3 })).toBeCloseTo(0.3, 6);
    expect(normalEquivalent(quickTake)).toBeGreaterThan(0.3);
    expect(normalEquivalent(quickTake)).toBeCloseTo(guardOf(quickTake) / 1.6448536, 5);
  });

  test('on the very edge of “over” it is over, a hair above it is not settled', () => {
    expect(conformityDecision(0.05)).toBe('over');
    expect(conformityDecision(0.0501)).toBe('not-settled');
    expect(conformityDecision(0.95)).toBe('conforms');
  });

  test('nonsense is refused', () => {
    expect(() => conformityProbability({ mean: 18, standardUncertainty: -1 }, 20)).toThrow(
      DomainError,
    );
    expect(() => conformityProbability({ mean: NaN, standardUncertainty: 1 }, 20)).toThrow(
      DomainError,
    );
    expect(() => conformityDecision(1.2)).toThrow(DomainError);
  });
});
