import { describe, expect, test } from '@jest/globals';
import { toleranceFactor } from './toleranceFactor';

/** `nct.ppf(confidence, n-1, norm.ppf(content)*sqrt(n))/sqrt(n)` of scipy 1.10, run once. */
const SCIPY = [
  [3, 7.6559, 6.15528, 10.92678],
  [5, 4.20268, 3.40663, 5.12418],
  [7, 3.39947, 2.75543, 3.94008],
  [10, 2.91096, 2.35464, 3.25903],
  [13, 2.6705, 2.15544, 2.93552],
  [20, 2.396, 1.92599, 2.57598],
  [50, 2.06499, 1.64556, 2.15638],
  [100, 1.92654, 1.52675, 1.9853],
  [200, 1.83724, 1.44955, 1.8763],
  [400, 1.77776, 1.39787, 1.80426],
  [800, 1.73736, 1.36264, 1.75558],
] as const;

describe('tolerance factors against the noncentral t of scipy', () => {
  test.each(SCIPY)('n = %d', (n, usual, less, surer) => {
    expect(toleranceFactor(n)).toBeCloseTo(usual, 3);
    expect(toleranceFactor(n, { content: 0.9, confidence: 0.95 })).toBeCloseTo(less, 3);
    expect(toleranceFactor(n, { content: 0.95, confidence: 0.975 })).toBeCloseTo(surer, 3);
  });
});

describe('tolerance factors everywhere', () => {
  test('finite, falling with n, for contents and confidences up to 0.999', () => {
    for (const content of [0.5, 0.95, 0.999]) {
      for (const confidence of [0.5, 0.95, 0.999]) {
        const factors = [2, 5, 31, 33, 75, 151, 400].map((n) => {
          return toleranceFactor(n, { content, confidence });
        });
        factors.forEach((factor, at) => {
          expect(Number.isFinite(factor)).toBe(true);
          if (at > 0 && confidence > 0.5) expect(factor).toBeLessThan(factors[at - 1]! + 1e-6);
        });
      }
    }
  });

  test('the two ways of computing agree where they meet', () => {
    const k = [29, 30, 31, 32, 33].map((n) => toleranceFactor(n));
    const steps = k.slice(1).map((value, at) => k[at]! - value);
    steps.slice(1).forEach((step, at) => expect(step).toBeCloseTo(steps[at]!, 2));
  });
});
