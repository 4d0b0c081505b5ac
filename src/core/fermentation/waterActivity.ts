import { requireInRange } from '../errors';

/** Moisture over which the relation was fitted [%]. @source Chirife, Zamora & Motto (2006), recalled from memory */
const FITTED_RANGE_PERCENT: readonly [number, number] = [15, 21];

/** Water activity from which sugar-tolerant yeasts grow [1]. @source common figure of food microbiology, recalled from memory */
export const YEAST_GROWS_FROM_AW = 0.6;

/**
 * Water activity of honey, for the fermentation text only (drying uses another relation).
 *
 * @param moisturePercent - [% by mass], 15..21
 * @returns aw [1]
 * @throws DomainError `out-of-range` outside the fitted range
 * @accuracy about 0.02; up to 0.04 apart from Norrish's relation
 * @source Chirife, Zamora & Motto (2006), recalled from memory
 * @example waterActivity(18) // => 0.594 ± 1e-9
 */
export function waterActivity(moisturePercent: number): number {
  const place = { fn: 'waterActivity', param: 'moisturePercent', unit: '%' };
  return 0.342 + 0.014 * requireInRange(moisturePercent, FITTED_RANGE_PERCENT, place);
}

/** Whether the water activity can be stated for this moisture. */
export function hasWaterActivity(moisturePercent: number): boolean {
  return moisturePercent >= FITTED_RANGE_PERCENT[0] && moisturePercent <= FITTED_RANGE_PERCENT[1];
}
