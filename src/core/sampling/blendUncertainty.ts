import { requireInRange } from '../errors';

/**
 * Standard uncertainty of a blend's moisture: random parts average, the meter's own error does not.
 *
 * @param weights - shares by mass of the parts, each 0..1
 * @param random - standard uncertainty of each part by itself, >= 0
 * @param systematic - standard uncertainty common to all readings of one meter, >= 0
 * @returns in the unit of `random`
 * @throws DomainError `out-of-range`
 * @source JCGM 100:2008 (GUM), 5.2, recalled from memory
 * @example blendUncertainty([0.5, 0.5], 0.1, 0.1) // => 0.1225 ± 0.0001
 */
export function blendUncertainty(
  weights: readonly number[],
  random: number,
  systematic: number,
): number {
  const fn = 'blendUncertainty';
  requireInRange(random, [0, Infinity], { fn, param: 'random', unit: '%' });
  requireInRange(systematic, [0, Infinity], { fn, param: 'systematic', unit: '%' });
  const squares = weights.reduce((sum, weight) => {
    return sum + requireInRange(weight, [0, 1], { fn, param: 'weights', unit: '1' }) ** 2;
  }, 0);
  return Math.sqrt(squares * random ** 2 + systematic ** 2);
}
