import { requireInRange } from '../errors';

/**
 * Critical range factors: n replicates of one sample differ by more than factor · standard
 * deviation only once in twenty.
 *
 * @source ISO 5725-6, table 1, recalled from memory
 */
const FACTORS: readonly number[] = [2.8, 3.3, 3.6, 3.9, 4, 4.2, 4.3, 4.4, 4.5];

/**
 * How far replicates may be apart before something is wrong with one of them.
 *
 * @param count - replicates, 2 and more; beyond 10 the factor of 10 is used
 * @param standardDeviation - of the reader's repeatability [% moisture], >= 0
 * @param divisionPercent - one division of the dial [% moisture], >= 0
 * @returns highest minus lowest that is still usual [% moisture]
 * @throws DomainError `out-of-range`
 * @source ISO 5725-6, recalled from memory; the division as a rectangle is added in quadrature
 * @example criticalRange(2, 0.1, 0) // => 0.28 ± 1e-9
 */
export function criticalRange(
  count: number,
  standardDeviation: number,
  divisionPercent: number,
): number {
  const fn = 'criticalRange';
  requireInRange(count, [2, 1000], { fn, param: 'count', unit: '1' });
  requireInRange(standardDeviation, [0, 10], { fn, param: 'standardDeviation', unit: '%' });
  requireInRange(divisionPercent, [0, 10], { fn, param: 'divisionPercent', unit: '%' });
  const factor = FACTORS[Math.min(count, 10) - 2] ?? NaN;
  return factor * Math.hypot(standardDeviation, divisionPercent / Math.sqrt(12));
}
