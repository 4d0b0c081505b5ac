import { requireInRange } from '../errors';

/** Mean molar mass of honey's sugars, and molar mass of water [g/mol]. @source recalled from memory */
const SUGAR_G_PER_MOL = 200;
const WATER_G_PER_MOL = 18.02;

/** Norrish's constant for honey. @source fitted to Martin (1958), recalled from memory */
const NORRISH_K = 2.25;

/**
 * Water activity of honey for drying: the relative humidity with which it is in equilibrium.
 *
 * @param moisturePercent - [% by mass], 5..60
 * @returns [1]
 * @throws DomainError `out-of-range`
 * @accuracy 0.01 against Martin (1958) from 60 % relative humidity up, 0.036 at 50 %
 * @source Norrish (1966), recalled from memory
 * @example norrishActivity(18.3) // => 0.6 ± 0.01
 */
export function norrishActivity(moisturePercent: number): number {
  const place = { fn: 'norrishActivity', param: 'moisturePercent', unit: '%' };
  const w = requireInRange(moisturePercent, [5, 60], place);
  const water = w / WATER_G_PER_MOL;
  const sugar = (100 - w) / SUGAR_G_PER_MOL;
  const sugarFraction = sugar / (water + sugar);
  return (1 - sugarFraction) * Math.exp(-NORRISH_K * sugarFraction ** 2);
}

/** Moles of sugar by moles of water, for one kg of each [1]. */
const MOLE_RATIO = SUGAR_G_PER_MOL / WATER_G_PER_MOL;

/**
 * Water activity by water per dry matter, for inner loops.
 *
 * @param waterRatio - water by dry matter [kg/kg], above 0
 * @returns [1]
 * @source as `norrishActivity`
 */
export function activityOfRatio(waterRatio: number): number {
  const sugarFraction = 1 / (1 + MOLE_RATIO * waterRatio);
  return (1 - sugarFraction) * Math.exp(-NORRISH_K * sugarFraction * sugarFraction);
}

/** How the activity rises with the water ratio, from `activityOfRatio` at the same ratio [1]. */
export function activitySlope(waterRatio: number, activity: number): number {
  const x = 1 / (1 + MOLE_RATIO * waterRatio);
  const damping = activity / (1 - x);
  return damping * (1 + 2 * NORRISH_K * x * (1 - x)) * MOLE_RATIO * x * x;
}

/** Water by dry matter of honey of a moisture [kg/kg]. */
export function waterRatioOf(moisturePercent: number): number {
  return moisturePercent / (100 - moisturePercent);
}

/** Moisture of honey by its water per dry matter [% by mass]. */
export function moistureOfRatio(waterRatio: number): number {
  return (100 * waterRatio) / (1 + waterRatio);
}
