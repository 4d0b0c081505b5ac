import { requireInRange } from '../errors';
import { normalQuantile } from './normal';

/** Both ends of an interval, in the unit of what it is about. */
export interface Interval {
  readonly low: number;
  readonly high: number;
}

/** The usual coverage, and its quantile: asked for thousands of times. */
const USUAL_COVERAGE = 0.95;
const USUAL_QUANTILE = normalQuantile((1 + USUAL_COVERAGE) / 2);

/**
 * Wilson's score interval for a share that was counted.
 *
 * @param hits - how many had the property, 0..count
 * @param count - how many were looked at, > 0
 * @param coverage - two-sided [1], 0.5..0.999
 * @returns interval of the share [1], inside 0..1
 * @throws DomainError `out-of-range`
 * @source Wilson (1927), score interval, recalled from memory
 */
export function wilsonInterval(hits: number, count: number, coverage = USUAL_COVERAGE): Interval {
  const fn = 'wilsonInterval';
  requireInRange(count, [Number.MIN_VALUE, Infinity], { fn, param: 'count', unit: '1' });
  requireInRange(hits, [0, count], { fn, param: 'hits', unit: '1' });
  requireInRange(coverage, [0.5, 0.999], { fn, param: 'coverage', unit: '1' });
  const z = coverage === USUAL_COVERAGE ? USUAL_QUANTILE : normalQuantile((1 + coverage) / 2);
  const share = hits / count;
  const weight = 1 + z ** 2 / count;
  const middle = (share + z ** 2 / (2 * count)) / weight;
  const half = (z / weight) * Math.sqrt((share * (1 - share)) / count + z ** 2 / (4 * count ** 2));
  return { low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}
