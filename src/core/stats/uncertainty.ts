import jstat from 'jstat';
import { requireInRange } from '../errors';
import { normalQuantile } from './normal';

/** One contribution to a combined uncertainty. */
export interface UncertaintyComponent {
  /** standard uncertainty, in the unit of the result */
  readonly standard: number;
  /** degrees of freedom behind it; Infinity for one judged from a specification */
  readonly degreesOfFreedom: number;
}

/** From this many degrees of freedom up, t and normal agree within 2e-5. */
const PRACTICALLY_INFINITE_DOF = 1e5;

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
    standards.reduce((sum, one) => sum + requireInRange(one, [0, Infinity], place) ** 2, 0),
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
  const combined = quadrature(components.map((one) => one.standard));
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

/**
 * Coverage factor for a two-sided interval of the stated coverage.
 *
 * @param degreesOfFreedom - effective degrees of freedom, > 0, may be Infinity
 * @param coverage - [1], 0 < value < 1
 * @returns k [1]
 * @throws DomainError `out-of-range`
 * @accuracy 1e-6
 * @source JCGM 100:2008 (GUM), annex G, table G.2, recalled from memory
 * @example coverageFactor(1) // => 12.7062 ± 1e-3
 */
export function coverageFactor(degreesOfFreedom: number, coverage = 0.95): number {
  requireInRange(degreesOfFreedom, [Number.MIN_VALUE, Infinity], {
    fn: 'coverageFactor',
    param: 'degreesOfFreedom',
    unit: '1',
  });
  const probability = (1 + coverage) / 2;
  if (degreesOfFreedom > PRACTICALLY_INFINITE_DOF) return normalQuantile(probability);
  return jstat.jStat.studentt.inv(probability, degreesOfFreedom);
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
  const standard = quadrature(components.map((one) => one.standard));
  const degreesOfFreedom = effectiveDegreesOfFreedom(components);
  const k = coverageFactor(degreesOfFreedom);
  return { standard, degreesOfFreedom, coverageFactor: k, expanded: k * standard };
}
