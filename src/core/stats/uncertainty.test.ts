import { describe, expect, test } from '@jest/globals';
import { DomainError } from '../errors';
import { normalCdf, normalQuantile } from './normal';
import {
  combineUncertainty,
  coverageFactor,
  effectiveDegreesOfFreedom,
  quadrature,
  rectangularUncertainty,
} from './uncertainty';

describe('normal distribution', () => {
  // python3 -c "from scipy.stats import norm; print(norm.cdf([-3,-1.645,0,0.5,2.5]))"
  test.each([
    [-3, 0.0013498980316301],
    [-1.645, 0.0499849055391],
    [0, 0.5],
    [0.5, 0.6914624612740131],
    [2.5, 0.9937903346742238],
  ])('Φ(%d), scipy.stats.norm.cdf', (z, p) => {
    expect(normalCdf(z)).toBeCloseTo(p, 10);
  });

  test('quantile and distribution are inverse; the ends are 0 and 1; NaN is refused', () => {
    expect(normalCdf(normalQuantile(0.123))).toBeCloseTo(0.123, 8);
    expect([normalCdf(-Infinity), normalCdf(Infinity)]).toEqual([0, 1]);
    expect(() => normalCdf(NaN)).toThrow(DomainError);
    expect(() => normalQuantile(0)).toThrow(DomainError);
  });
});

describe('GUM annex G', () => {
  /** JCGM 100:2008, table G.2, 95 % column; values recalled from memory. */
  test.each([
    [1, 12.71],
    [2, 4.3],
    [5, 2.57],
    [10, 2.23],
    [20, 2.09],
    [50, 2.01],
    [Infinity, 1.96],
  ])('table G.2 (recalled from memory): ν = %d gives k = %d', (dof, k) => {
    expect(Math.abs(coverageFactor(dof) - k)).toBeLessThanOrEqual(0.0051);
  });

  test('s 0.20, n 3, systematic 0.10: ν 6.1, U 0.37 (handbook row)', () => {
    const result = combineUncertainty([
      { standard: 0.2 / Math.sqrt(3), degreesOfFreedom: 2 },
      { standard: 0.1, degreesOfFreedom: Infinity },
    ]);
    expect(result.degreesOfFreedom).toBeCloseTo(6.1, 1);
    expect(result.expanded).toBeCloseTo(0.37, 2);
  });

  test('s 0.15, n 10, systematic 0.10: U 0.218 (handbook row)', () => {
    const result = combineUncertainty([
      { standard: 0.15 / Math.sqrt(10), degreesOfFreedom: 9 },
      { standard: 0.1, degreesOfFreedom: Infinity },
    ]);
    expect(result.expanded).toBeCloseTo(0.218, 3);
  });

  test('no finite degrees of freedom, or no uncertainty at all, leaves k at 1.96', () => {
    expect(effectiveDegreesOfFreedom([{ standard: 0.1, degreesOfFreedom: Infinity }])).toBe(
      Infinity,
    );
    expect(combineUncertainty([]).expanded).toBe(0);
  });

  test('negative and missing sizes are refused', () => {
    expect(() => quadrature([0.1, -0.1])).toThrow(DomainError);
    expect(() => rectangularUncertainty(NaN)).toThrow(DomainError);
    expect(() => coverageFactor(0)).toThrow(DomainError);
    expect(() => effectiveDegreesOfFreedom([{ standard: 0.1, degreesOfFreedom: 0 }])).toThrow(
      DomainError,
    );
  });
});
