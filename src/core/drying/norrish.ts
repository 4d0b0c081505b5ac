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
