import { requireInRange } from '../errors';
import { normalQuantile } from '../stats/normal';
import { studentCdf, studentQuantile } from '../stats/uncertainty';

/** A measured or expected value with its standard uncertainty, both in one unit. */
export interface Estimate {
  readonly mean: number;
  readonly standardUncertainty: number;
  /** behind the uncertainty; Infinity where not there (the normal) */
  readonly degreesOfFreedom?: number;
  /** probability of conformity that is asked of it [1]; 0.95 where not there (`watchedLevel`) */
  readonly conformsFrom?: number;
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
  return studentCdf(room / standardUncertainty, estimate.degreesOfFreedom ?? Infinity);
}

/**
 * Guard band of an estimate: how far under a limit its mean must lie to conform.
 *
 * @param estimate - with the degrees of freedom behind its uncertainty
 * @param conformsFrom - probability of conformity that is wanted [1], 0.5..1; that of the estimate
 * @returns in the unit of the estimate
 * @throws DomainError `out-of-range`
 * @source JCGM 106:2012, 8.3.2, with Student's t for few degrees of freedom, recalled from memory
 * @example guardOf({ mean: 18, standardUncertainty: 0.2 }) // => 0.32897 ± 1e-4
 */
export function guardOf(
  { standardUncertainty, degreesOfFreedom = Infinity, ...asked }: Omit<Estimate, 'mean'>,
  conformsFrom: number = asked.conformsFrom ?? CONFORMS_FROM,
): number {
  const fn = 'guardOf';
  requireInRange(standardUncertainty, [0, Infinity], {
    fn,
    param: 'standardUncertainty',
    unit: '1',
  });
  requireInRange(conformsFrom, [0.5, 1], { fn, param: 'conformsFrom', unit: '1' });
  return studentQuantile(conformsFrom, degreesOfFreedom) * standardUncertainty;
}

/**
 * Half width of the interval that holds the true value 95 times in 100.
 *
 * @returns in the unit of the estimate
 * @throws DomainError `out-of-range`
 * @source JCGM 100:2008 (GUM), 6.2 and annex G, recalled from memory
 * @example expandedOf({ mean: 18, standardUncertainty: 0.2 }) // => 0.39199 ± 1e-4
 */
export const expandedOf = (estimate: Omit<Estimate, 'mean'>): number => guardOf(estimate, 0.975);

/**
 * Standard uncertainty of a normal with the same guard band, for models that know only normals.
 *
 * @returns in the unit of the estimate, at least its own standard uncertainty
 * @throws DomainError `out-of-range`
 */
export const normalEquivalent = (estimate: Omit<Estimate, 'mean'>): number =>
  guardOf(estimate) / GUARD_FACTOR;

/** What a probability of conformity lets one say. */
export type ConformityDecision = 'conforms' | 'not-settled' | 'over';

/**
 * The decision that a probability of conformity supports.
 *
 * @param probability - [1], 0..1
 * @param conformsFrom - [1], 0.5..1; more than 0.95 where one looks again and again (`watchedLevel`)
 * @returns 'conforms' from there up, 'over' from one less it down, 'not-settled' between
 * @throws DomainError `out-of-range`
 * @source JCGM 106:2012, 8.3 (guarded acceptance and rejection), recalled from memory
 */
export function conformityDecision(
  probability: number,
  conformsFrom: number = CONFORMS_FROM,
): ConformityDecision {
  requireInRange(probability, [0, 1], {
    fn: 'conformityDecision',
    param: 'probability',
    unit: '1',
  });
  const place = { fn: 'conformityDecision', param: 'conformsFrom', unit: '1' };
  requireInRange(conformsFrom, [0.5, 1], place);
  if (probability >= conformsFrom) return 'conforms';
  return probability <= 1 - conformsFrom + 1e-12 ? 'over' : 'not-settled';
}

/**
 * What an estimate lets one say about a limit.
 *
 * @throws DomainError `out-of-range`, as `conformityProbability`
 * @source JCGM 106:2012, 8.3 (guarded acceptance and rejection), recalled from memory
 */
export const decisionOn = (
  estimate: Estimate,
  limit: number,
  side: LimitSide = 'upper',
): ConformityDecision =>
  conformityDecision(conformityProbability(estimate, limit, side), estimate.conformsFrom);
