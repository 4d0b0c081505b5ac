import { requireInRange } from '../errors';
import { normalCdf } from '../stats/normal';

/**
 * Guard factor [1] at which forty looks together accept a lot at the limit 5 times in 100, by the
 * share of one reading's variance that all readings have in common: 0, 0.1, … 1.
 *
 * @source repeated significance tests with a constant boundary, Armitage, McPherson & Rowe (1969) and
 * Pocock (1977), recalled from memory; values by simulation of 400,000 rows (`watchedLevel.test.ts`)
 */
const FACTORS_BY_TENTHS = [
  2.497, 2.32, 2.232, 2.168, 2.114, 2.064, 2.007, 1.959, 1.901, 1.825, 1.645,
] as const;

/**
 * Probability of conformity to ask for where one looks after every reading and may stop at any.
 *
 * Looking forty times at 95 % accepts a lot at the limit up to 25 times in 100. Asking for a little
 * more at each look pays for that. What all readings share (the meter, the method) is drawn once and
 * costs nothing; the less the readings share, the more a look can change, and the dearer it is.
 *
 * @param sharedShare - of one reading's variance, what all readings have in common [1], 0..1
 * @returns [1], 0.95 (all is shared) to 0.992 (nothing is)
 * @throws DomainError `out-of-range`
 * @accuracy forty looks accept 5 ± 0.3 times in 100, twenty a little less
 * @source as `FACTORS_BY_TENTHS`
 * @example watchedLevel(1) // => 0.95 ± 1e-4
 */
export function watchedLevel(sharedShare: number): number {
  const place = { fn: 'watchedLevel', param: 'sharedShare', unit: '1' };
  const tenths = 10 * requireInRange(sharedShare, [0, 1], place);
  const at = Math.min(FACTORS_BY_TENTHS.length - 2, Math.floor(tenths));
  const [low, high] = [FACTORS_BY_TENTHS[at]!, FACTORS_BY_TENTHS[at + 1]!];
  return normalCdf(low + (tenths - at) * (high - low));
}
