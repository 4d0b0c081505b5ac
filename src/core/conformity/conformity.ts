import { requireInRange } from '../errors';
import { normalCdf, normalQuantile } from '../stats/normal';

/** A measured or expected value with its standard uncertainty, both in one unit. */
export interface Estimate {
  readonly mean: number;
  readonly standardUncertainty: number;
}

/** Whether values must stay at or under the limit, or at or above it. */
export type LimitSide = 'upper' | 'lower';

/** Probability of conformity from which a value is said to conform. */
export const CONFORMS_FROM = 0.95;

/** Probability of conformity down to which a value is said to be over the limit. */
export const OVER_UP_TO = 0.05;

/** Guard band in standard uncertainties: 1.645, so that the decision is right 95 times in 100. */
export const GUARD_FACTOR = normalQuantile(CONFORMS_FROM);

/**
 * Probability that the true value respects the limit.
 *
 * With no uncertainty at all the answer is 1 or 0; a value exactly on the limit respects it.
 *
 * @param estimate - mean and standard uncertainty (>= 0), in the unit of the limit
 * @param limit - same unit
 * @param side - 'upper' for a maximum (moisture), 'lower' for a minimum (diastase, solids)
 * @returns [1], 0..1
 * @throws DomainError `out-of-range`
 * @source JCGM 106:2012, 7.2, recalled from memory
 * @example conformityProbability({ mean: 18, standardUncertainty: 0.2 }, 18) // => 0.5 ± 1e-9
 */
export function conformityProbability(
  estimate: Estimate,
  limit: number,
  side: LimitSide = 'upper',
): number {
  const { mean, standardUncertainty } = estimate;
  const fn = 'conformityProbability';
  requireInRange(standardUncertainty, [0, Infinity], {
    fn,
    param: 'standardUncertainty',
    unit: '1',
  });
  requireInRange(mean, [-Infinity, Infinity], { fn, param: 'mean', unit: '1' });
  const room = side === 'upper' ? limit - mean : mean - limit;
  if (standardUncertainty === 0) return room >= 0 ? 1 : 0;
  return normalCdf(room / standardUncertainty);
}

/** What a probability of conformity lets one say. */
export type ConformityDecision = 'conforms' | 'not-settled' | 'over';

/**
 * The decision that a probability of conformity supports.
 *
 * @param probability - [1], 0..1
 * @returns 'conforms' from 0.95 up, 'over' from 0.05 down, 'not-settled' between
 * @throws DomainError `out-of-range`
 * @source JCGM 106:2012, 8.3 (guarded acceptance and rejection), recalled from memory
 */
export function conformityDecision(probability: number): ConformityDecision {
  requireInRange(probability, [0, 1], {
    fn: 'conformityDecision',
    param: 'probability',
    unit: '1',
  });
  if (probability >= CONFORMS_FROM) return 'conforms';
  return probability <= OVER_UP_TO ? 'over' : 'not-settled';
}
