import { describe, expect, test } from '@jest/globals';
import { DomainError } from '../errors';
import { normalCdf, normalQuantile } from './normal';
import {
  combineUncertainty,
  coverageFactor,
  effectiveDegreesOfFreedom,
  quadrature,
  rectangularUncertainty,
  believedUncertainty,
  posteriorDegreesOfFreedom,
  studentCdf,
  studentQuantile,
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

describe('spreads that are believed, not found', () => {
  test('one contribution keeps its own degrees of freedom; certainty has none to lose', () => {
    expect(posteriorDegreesOfFreedom([{ standard: 0.4, degreesOfFreedom: 5 }])).toBeCloseTo(5, 9);
    expect(posteriorDegreesOfFreedom([{ standard: 0.4, degreesOfFreedom: Infinity }])).toBe(
      Infinity,
    );
  });

  test('scale and variance of the sum are matched: 0.42 of t with 3, 0.25 of the normal', () => {
    const parts = [
      { standard: 0.42, degreesOfFreedom: 3 },
      { standard: 0.25, degreesOfFreedom: Infinity },
    ];
    const { standard, degreesOfFreedom: dof, coverageFactor: k } = believedUncertainty(parts);
    expect(standard).toBeCloseTo(Math.hypot(0.42, 0.25), 12);
    expect((standard ** 2 * dof) / (dof - 2)).toBeCloseTo(3 * 0.42 ** 2 + 0.25 ** 2, 9);
    expect(k).toBeGreaterThan(combineUncertainty(parts).coverageFactor);
  });

  // python3 -c "from scipy.stats import t; print(t.cdf(1.3, 4.5), t.ppf(0.975, 3.3))"
  test('Student’s t against scipy', () => {
    expect(studentCdf(1.3, 4.5)).toBeCloseTo(0.871901956027983, 8);
    expect(studentQuantile(0.975, 3.3)).toBeCloseTo(3.024874461840933, 5);
    expect(studentCdf(-Infinity, 3)).toBe(0);
    expect(() => studentCdf(NaN, 3)).toThrow('t');
    expect(() => studentQuantile(1, 3)).toThrow('probability');
  });
});
