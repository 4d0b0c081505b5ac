import jstat from 'jstat';
import { requireInRange } from '../errors';
import { normalCdf, normalQuantile } from './normal';

/** One contribution to a combined uncertainty. */
export interface UncertaintyComponent {
  /** standard uncertainty, in the unit of the result */
  readonly standard: number;
  /** degrees of freedom behind it; Infinity for one judged from a specification */
  readonly degreesOfFreedom: number;
}

/** From this many degrees of freedom up, t and normal agree within 2e-5. */
const PRACTICALLY_INFINITE_DOF = 1e5;

/** Beyond so many standard uncertainties the answer is 0 or 1 for every use here. */
const FARTHEST_T = 1e6;

const DOF_RANGE: readonly [number, number] = [0.5, Infinity];
const OPEN_UNIT: readonly [number, number] = [Number.MIN_VALUE, 1 - Number.EPSILON];

/**
 * Standard deviation of a quantity known only to lie within ± `halfWidth`, all values alike likely.
 *
 * @param halfWidth - half the width of the interval, >= 0, any unit
 * @returns standard uncertainty in the same unit
 * @throws DomainError `out-of-range`
 * @source JCGM 100:2008 (GUM), 4.3.7, recalled from memory
 * @example rectangularUncertainty(0.1) // => 0.057735 ± 1e-6
 */
export function rectangularUncertainty(halfWidth: number): number {
  const place = { fn: 'rectangularUncertainty', param: 'halfWidth', unit: '1' };
  return requireInRange(halfWidth, [0, Infinity], place) / Math.sqrt(3);
}

/**
 * Combined standard uncertainty of independent contributions, in quadrature.
 *
 * @param standards - standard uncertainties, all in one unit, each >= 0
 * @returns in the same unit, 0 for none
 * @throws DomainError `out-of-range`
 * @source JCGM 100:2008 (GUM), 5.1.2, recalled from memory
 * @example quadrature([0.3, 0.4]) // => 0.5 ± 1e-12
 */
export function quadrature(standards: readonly number[]): number {
  const place = { fn: 'quadrature', param: 'standards', unit: '1' };
  return Math.sqrt(
    standards.reduce(
      (sum, standard) => sum + requireInRange(standard, [0, Infinity], place) ** 2,
      0,
    ),
  );
}

/**
 * Effective degrees of freedom of a combined uncertainty (Welch and Satterthwaite).
 *
 * @param components - standard uncertainties with their degrees of freedom (> 0)
 * @returns [1], Infinity where no component has finite degrees of freedom
 * @throws DomainError `out-of-range`
 * @source JCGM 100:2008 (GUM), annex G.4, eq. G.2b, recalled from memory
 */
export function effectiveDegreesOfFreedom(components: readonly UncertaintyComponent[]): number {
  const combined = quadrature(components.map((component) => component.standard));
  const weighted = components.reduce((sum, { standard, degreesOfFreedom }) => {
    requireInRange(degreesOfFreedom, [Number.MIN_VALUE, Infinity], {
      fn: 'effectiveDegreesOfFreedom',
      param: 'degreesOfFreedom',
      unit: '1',
    });
    return sum + standard ** 4 / degreesOfFreedom;
  }, 0);
  return weighted === 0 ? Infinity : combined ** 4 / weighted;
}

/** Fewest degrees of freedom that have a variance. */
const LEAST_POSTERIOR_DOF = 2.1;

/**
 * Degrees of freedom of a sum of contributions that are believed to be Student t, as a guess with few
 * degrees of freedom or a pooled spread makes them: those of the t of the same scale and variance.
 *
 * Welch and Satterthwaite take each spread as found in a sample; where it is believed, their k is too
 * small, and intervals hold 92 times in 100 instead of 95.
 *
 * @param components - standard uncertainties (scales) with their degrees of freedom, over 2
 * @returns [1], 2.1 and more; Infinity where no component has finite degrees of freedom
 * @throws DomainError `out-of-range`
 * @source variance of Student's t, JCGM 101:2008, 6.4.9; matching as Kacker & Jones (2003); both
 * recalled from memory
 */
export function posteriorDegreesOfFreedom(components: readonly UncertaintyComponent[]): number {
  const place = { fn: 'posteriorDegreesOfFreedom', param: 'degreesOfFreedom', unit: '1' };
  const scale = quadrature(components.map((component) => component.standard)) ** 2;
  const surplus = components.reduce((sum, { standard, degreesOfFreedom }) => {
    requireInRange(degreesOfFreedom, [Number.MIN_VALUE, Infinity], place);
    if (degreesOfFreedom === Infinity) return sum;
    const dof = Math.max(LEAST_POSTERIOR_DOF, degreesOfFreedom);
    return sum + (standard ** 2 * 2) / (dof - 2);
  }, 0);
  return surplus === 0 ? Infinity : (2 * (scale + surplus)) / surplus;
}

/**
 * Coverage factor for a two-sided interval of the stated coverage.
 *
 * @param degreesOfFreedom - effective degrees of freedom, 0.5 and more, may be Infinity
 * @param coverage - [1], 0 < value < 1
 * @returns k [1]
 * @throws DomainError `out-of-range`
 * @accuracy 1e-6
 * @source JCGM 100:2008 (GUM), annex G, table G.2, recalled from memory
 * @example coverageFactor(1) // => 12.7062 ± 1e-3
 */
export function coverageFactor(degreesOfFreedom: number, coverage = 0.95): number {
  const fn = 'coverageFactor';
  requireInRange(degreesOfFreedom, DOF_RANGE, { fn, param: 'degreesOfFreedom', unit: '1' });
  requireInRange(coverage, OPEN_UNIT, { fn, param: 'coverage', unit: '1' });
  return studentQuantile((1 + coverage) / 2, degreesOfFreedom);
}

/** Quantiles found so far: the same few degrees of freedom are asked for at every keystroke. */
const KNOWN_QUANTILES = new Map<string, number>();
const MOST_KNOWN = 5000;

/**
 * Value below which a Student t variable lies with a probability.
 *
 * @param probability - [1], 0 < value < 1
 * @param degreesOfFreedom - 0.5 and more, may be Infinity (the normal)
 * @returns [1]
 * @throws DomainError `out-of-range`
 * @accuracy 1e-6
 * @source JCGM 100:2008 (GUM), annex G, table G.2, recalled from memory
 * @example studentQuantile(0.95, 5) // => 2.015 ± 1e-3
 */
export function studentQuantile(probability: number, degreesOfFreedom: number): number {
  const fn = 'studentQuantile';
  requireInRange(probability, OPEN_UNIT, { fn, param: 'probability', unit: '1' });
  requireInRange(degreesOfFreedom, DOF_RANGE, { fn, param: 'degreesOfFreedom', unit: '1' });
  if (degreesOfFreedom > PRACTICALLY_INFINITE_DOF) return normalQuantile(probability);
  const key = `${probability} ${degreesOfFreedom}`;
  const known = KNOWN_QUANTILES.get(key);
  if (known !== undefined) return known;
  const found = jstat.jStat.studentt.inv(probability, degreesOfFreedom);
  if (KNOWN_QUANTILES.size >= MOST_KNOWN) KNOWN_QUANTILES.clear();
  KNOWN_QUANTILES.set(key, found);
  return found;
}

/**
 * Probability that a Student t variable is at most `t`.
 *
 * @param t - [1], any number or ±Infinity
 * @param degreesOfFreedom - 0.5 and more, may be Infinity (the normal)
 * @returns [1], 0..1
 * @throws DomainError `out-of-range`
 * @accuracy 1e-8
 * @source incomplete beta function, Abramowitz & Stegun (1964), 26.7
 * @example studentCdf(2.015, 5) // => 0.95 ± 1e-4
 */
export function studentCdf(t: number, degreesOfFreedom: number): number {
  const fn = 'studentCdf';
  requireInRange(t, [-Infinity, Infinity], { fn, param: 't', unit: '1' });
  requireInRange(degreesOfFreedom, DOF_RANGE, { fn, param: 'degreesOfFreedom', unit: '1' });
  if (degreesOfFreedom > PRACTICALLY_INFINITE_DOF || Math.abs(t) > FARTHEST_T) return normalCdf(t);
  return jstat.jStat.studentt.cdf(t, degreesOfFreedom);
}

/** A combined uncertainty with everything needed to state it. */
export interface CombinedUncertainty {
  /** combined standard uncertainty u */
  readonly standard: number;
  readonly degreesOfFreedom: number;
  /** k for 95 % coverage */
  readonly coverageFactor: number;
  /** U = k·u, 95 % */
  readonly expanded: number;
}

/**
 * Combined and expanded (95 %) uncertainty of contributions that are believed, each a Student t.
 *
 * @returns u, degrees of freedom as `posteriorDegreesOfFreedom`, k and U
 * @throws DomainError `out-of-range`
 */
export function believedUncertainty(
  components: readonly UncertaintyComponent[],
): CombinedUncertainty {
  return expandedBy(components, posteriorDegreesOfFreedom(components));
}

/**
 * Combined and expanded (95 %) uncertainty of independent contributions.
 *
 * @param components - standard uncertainties with degrees of freedom, all in one unit
 * @returns u, effective degrees of freedom, k and U
 * @throws DomainError `out-of-range`
 * @source JCGM 100:2008 (GUM), 5.1.2 and annex G, recalled from memory
 */
export function combineUncertainty(
  components: readonly UncertaintyComponent[],
): CombinedUncertainty {
  return expandedBy(components, effectiveDegreesOfFreedom(components));
}

function expandedBy(
  components: readonly UncertaintyComponent[],
  degreesOfFreedom: number,
): CombinedUncertainty {
  const standard = quadrature(components.map((component) => component.standard));
  const k = coverageFactor(degreesOfFreedom);
  return { standard, degreesOfFreedom, coverageFactor: k, expanded: k * standard };
}
