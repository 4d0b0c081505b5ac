import { requireInRange } from '../errors';
import { mean, squaredDeviations } from '../moisture/spreads';
import { normalCdf } from '../stats/normal';
import { studentQuantile } from '../stats/uncertainty';

/** Chance at which a sample from one normal is taken for something else [1]. @source our choice, no source */
const LEVEL = 0.05;

/** Fewest values that a test of normality says anything about. */
const FEWEST_VALUES = 5;

/** Critical value of the modified statistic at 5 %, mean and spread estimated. */
const ANDERSON_DARLING_5_PERCENT = 0.752;

/** What speaks against one normal spread of containers; null where nothing does. */
export type SpreadDoubt = 'outlier' | 'not-normal' | null;

/**
 * Largest of standardised deviations that one normal sample shows 95 times in 100, upwards.
 *
 * @param n - values, 3..1000
 * @throws DomainError `out-of-range`
 * @source Grubbs (1969), one-sided, recalled from memory
 * @example grubbsCritical(10) // => 2.176 ± 0.002
 */
export function grubbsCritical(n: number): number {
  requireInRange(n, [3, 1000], { fn: 'grubbsCritical', param: 'n', unit: '1' });
  const t = studentQuantile(1 - LEVEL / n, n - 2);
  return ((n - 1) / Math.sqrt(n)) * Math.sqrt(t ** 2 / (n - 2 + t ** 2));
}

/**
 * Modified statistic of Anderson and Darling against a normal whose mean and spread are estimated.
 *
 * @param values - 5 and more, not all alike
 * @returns [1]; 0.752 and more speaks against a normal at 5 %
 * @throws DomainError `out-of-range`
 * @source D'Agostino & Stephens (1986), table 4.9, case 3, recalled from memory
 */
export function andersonDarling(values: readonly number[]): number {
  const fn = 'andersonDarling';
  const n = requireInRange(values.length, [FEWEST_VALUES, 10_000], {
    fn,
    param: 'values',
    unit: '1',
  });
  const spread = Math.sqrt(squaredDeviations(values) / (n - 1));
  requireInRange(spread, [Number.MIN_VALUE, Number.MAX_VALUE], { fn, param: 'spread', unit: '1' });
  const centre = mean(values);
  // Never quite 0 or 1: a logarithm follows.
  const below = [...values]
    .sort((a, b) => a - b)
    .map((value) => Math.min(1 - 1e-12, Math.max(1e-12, normalCdf((value - centre) / spread))));
  const sum = below.reduce((total, value, at) => {
    const mirrored = below[n - 1 - at] ?? value;
    return total + (2 * at + 1) * (Math.log(value) + Math.log(1 - mirrored));
  }, 0);
  return (-n - sum / n) * (1 + 0.75 / n + 2.25 / n ** 2);
}

/**
 * Whether tested containers look like one normal spread, as mean and spread assume: no single wet one
 * (Grubbs), no second group or skewed tail (Anderson and Darling).
 *
 * @param values - moisture of each [%]
 * @throws DomainError `out-of-range` for a value that is no number
 */
export function spreadDoubt(values: readonly number[]): SpreadDoubt {
  const place = { fn: 'spreadDoubt', param: 'values', unit: '%' };
  for (const value of values) requireInRange(value, [0, 100], place);
  if (values.length < FEWEST_VALUES) return null;
  const spread = Math.sqrt(squaredDeviations(values) / (values.length - 1));
  if (spread < 1e-9) return null;
  const wettest = (Math.max(...values) - mean(values)) / spread;
  if (wettest > grubbsCritical(values.length)) return 'outlier';
  return andersonDarling(values) > ANDERSON_DARLING_5_PERCENT ? 'not-normal' : null;
}
