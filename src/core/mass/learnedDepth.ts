import { COMB_MASS_UNCERTAINTY } from './combMass';

/** Honey of one frame by looking and by weighing [kg], the weighing with its standard uncertainty. */
export interface WeighedFrame {
  readonly byLookKg: number;
  readonly byWeightKg: number;
  readonly weightStandardKg: number;
}

/** How deep this keeper's comb is against what is assumed [1], and how sure that is [1]. */
export interface CombDepth {
  readonly factor: number;
  /** relative standard uncertainty */
  readonly relative: number;
  /** frames that taught it */
  readonly from: number;
}

/** Nothing was weighed. */
export const ASSUMED_DEPTH: CombDepth = {
  factor: 1,
  relative: COMB_MASS_UNCERTAINTY.depth,
  from: 0,
};

/** Weights under this tell more of wood than of honey [kg]. @source our choice, no source */
const LEAST_KG = 0.3;

/**
 * Depth of comb learned from frames that were weighed as well as looked at; the guess stays in it.
 *
 * @param frames - those with too little honey say nothing
 * @source normal mean of logarithms with known variances, the prior kept; recalled from memory
 */
export function learnedDepth(frames: readonly WeighedFrame[]): CombDepth {
  const { depth, fill, area } = COMB_MASS_UNCERTAINTY;
  let [weights, sum, from] = [1 / depth ** 2, 0, 0];
  for (const { byLookKg, byWeightKg, weightStandardKg } of frames) {
    if (!(byLookKg >= LEAST_KG && byWeightKg >= LEAST_KG && weightStandardKg >= 0)) continue;
    const weight = 1 / (fill ** 2 + area ** 2 + (weightStandardKg / byWeightKg) ** 2);
    weights += weight;
    sum += weight * Math.log(byWeightKg / byLookKg);
    from += 1;
  }
  return { factor: Math.exp(sum / weights), relative: Math.sqrt(1 / weights), from };
}
