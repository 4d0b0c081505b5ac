/** A standard deviation with the degrees of freedom behind it. */
export interface Spread {
  /** [% moisture] */
  readonly standardDeviation: number;
  readonly degreesOfFreedom: number;
}

/**
 * Spreads assumed until own records replace them [% moisture], with the degrees of freedom with
 * which they are pooled.
 *
 * @source common practice, no source
 */
export const SPREAD_PRIORS = {
  repeatability: { standardDeviation: 0.15, degreesOfFreedom: 10 },
  betweenVessels: { standardDeviation: 0.3, degreesOfFreedom: 5 },
  /** from one spot of a stirred vessel to the next */
  spot: 0.1,
  /** half width of what one spot of an unstirred vessel may be off from the whole */
  unstirredHalfWidth: 0.5,
} as const;

/** From so many degrees of freedom on a reader's own repeatability stands by itself. @source our choice, no source */
export const OWN_REPEATABILITY_FROM_DOF = 10;

export const mean = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

export const squaredDeviations = (values: readonly number[]): number => {
  const centre = mean(values);
  return values.reduce((sum, one) => sum + (one - centre) ** 2, 0);
};

/** A spread with further squared deviations and their degrees of freedom added. */
export function pooledSpread(
  prior: Spread,
  sumOfSquares: number,
  degreesOfFreedom: number,
): Spread {
  const dof = prior.degreesOfFreedom + degreesOfFreedom;
  const variance = (prior.degreesOfFreedom * prior.standardDeviation ** 2 + sumOfSquares) / dof;
  return { standardDeviation: Math.sqrt(variance), degreesOfFreedom: dof };
}

/** The repeatability to reckon with, and whether it is the reader's own. */
export interface Repeatability extends Spread {
  readonly from: 'assumed' | 'mixed' | 'own';
}

/**
 * How well a reader repeats: from own replicates where there are enough, else pooled with what is
 * assumed of anybody.
 *
 * @param sets - moistures of replicates, one list for each vessel, spot and sitting [%]
 * @returns standard deviation [% moisture], its degrees of freedom, and where it comes from
 * @source pooled variance, JCGM 100:2008 (GUM), 4.2.4, recalled from memory
 */
export function readerRepeatability(sets: readonly (readonly number[])[]): Repeatability {
  const repeated = sets.filter((one) => one.length > 1);
  const dof = repeated.reduce((sum, one) => sum + one.length - 1, 0);
  const squares = repeated.reduce((sum, one) => sum + squaredDeviations(one), 0);
  if (dof >= OWN_REPEATABILITY_FROM_DOF) {
    return { standardDeviation: Math.sqrt(squares / dof), degreesOfFreedom: dof, from: 'own' };
  }
  const from = dof === 0 ? 'assumed' : 'mixed';
  return { ...pooledSpread(SPREAD_PRIORS.repeatability, squares, dof), from };
}
