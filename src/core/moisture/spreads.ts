import { requireFinite } from '../errors';
/** A standard deviation with the degrees of freedom behind it. */
export interface Spread {
  /** [% moisture] */
  readonly standardDeviation: number;
  readonly degreesOfFreedom: number;
}

/**
 * Spreads assumed until own records replace them [% moisture], each with the degrees of freedom that a
 * guess deserves: few, so that a keeper whose vessels differ twice as much is still covered.
 *
 * @source sizes common practice, no source; degrees of freedom of a guess as JCGM 100:2008 (GUM),
 * G.4.2, recalled from memory (a standard uncertainty that may be off by half has 2, by a quarter 8)
 */
export const SPREAD_PRIORS = {
  repeatability: { standardDeviation: 0.18, degreesOfFreedom: 5 },
  betweenVessels: { standardDeviation: 0.48, degreesOfFreedom: 3 },
  /** from one spot of a stirred vessel to the next */
  spot: { standardDeviation: 0.1, degreesOfFreedom: 4 },
} as const satisfies Readonly<Record<string, Spread>>;

/** What was learned of spreads from own records; what is not there is assumed. */
export interface LearnedSpreads {
  /** from one vessel of a lot to the next */
  readonly betweenVessels?: Spread & { readonly from?: number };
  /** from one spot of a stirred vessel to the next */
  readonly spot?: Spread;
}

/**
 * Half width of what one spot of an unstirred vessel may be off from the whole [% moisture], and where
 * nobody said whether it was stirred. The layers of unstirred vessels lie alike, so that theirs is common.
 *
 * @source common practice, no source
 */
export const LAYER_HALF_WIDTH = { unstirred: 0.5, notSaid: 0.3 } as const;

/** Degrees of freedom of the widths of layers. @source our choice, as for a guess */
export const LAYER_DOF = 8;

/** From so many degrees of freedom on a reader's repeatability is called their own. @source our choice, no source */
export const OWN_REPEATABILITY_FROM_DOF = 10;

export const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

export const squaredDeviations = (values: readonly number[]): number => {
  const centre = mean(values);
  return values.reduce((sum, value) => sum + (value - centre) ** 2, 0);
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

/** The repeatability to use, and whether it is the reader's own. */
export interface Repeatability extends Spread {
  readonly from: 'assumed' | 'mixed' | 'own';
}

/**
 * How well a reader repeats: own replicates, pooled with what is assumed of anybody; the more there are,
 * the less the guess counts.
 *
 * @param sets - moistures of replicates, one list for each vessel, spot and sitting [%]
 * @returns standard deviation [% moisture], its degrees of freedom, and where it comes from
 * @source pooled variance, JCGM 100:2008 (GUM), 4.2.4, recalled from memory
 */
export function readerRepeatability(sets: readonly (readonly number[])[]): Repeatability {
  requireFinite({ sets }, 'readerRepeatability');
  const repeated = sets.filter((set) => set.length > 1);
  const dof = repeated.reduce((sum, item) => sum + item.length - 1, 0);
  const squares = repeated.reduce((sum, item) => sum + squaredDeviations(item), 0);
  const from = dof >= OWN_REPEATABILITY_FROM_DOF ? 'own' : dof === 0 ? 'assumed' : 'mixed';
  return { ...pooledSpread(SPREAD_PRIORS.repeatability, squares, dof), from };
}
