import jstat from 'jstat';
import { requireInRange } from '../errors';

/**
 * Probability that a standard normal variable is at most `z`.
 *
 * @param z - [1], any real number or ±Infinity
 * @returns [1], 0..1
 * @throws DomainError `out-of-range` for NaN
 * @accuracy 1e-12, jstat's series for erf
 * @source Abramowitz & Stegun (1964), 26.2
 * @example normalCdf(1.6448536) // => 0.95 ± 1e-7
 */
export function normalCdf(z: number): number {
  requireInRange(z, [-Infinity, Infinity], { fn: 'normalCdf', param: 'z', unit: '1' });
  if (z === Infinity) return 1;
  if (z === -Infinity) return 0;
  return jstat.jStat.normal.cdf(z, 0, 1);
}

/**
 * The standard normal value below which the share `probability` lies.
 *
 * @param probability - [1], 0 < value < 1
 * @returns [1]
 * @throws DomainError `out-of-range`
 * @accuracy 1e-8
 * @source Abramowitz & Stegun (1964), 26.2
 * @example normalQuantile(0.95) // => 1.644854 ± 1e-6
 */
export function normalQuantile(probability: number): number {
  requireInRange(probability, [Number.MIN_VALUE, 1 - Number.EPSILON], {
    fn: 'normalQuantile',
    param: 'probability',
    unit: '1',
  });
  return jstat.jStat.normal.inv(probability, 0, 1);
}
