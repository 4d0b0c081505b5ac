import { requireInRange, requireFinite } from '../errors';

/** Density of water at 20 °C, to which specific gravity is referred [kg/m³]. @source recalled from memory */
const WATER_20C_KG_PER_M3 = 998.2;

/** Moisture over which the density is computed [%]; the table ends at 21. */
export const DENSITY_RANGE_PERCENT: readonly [number, number] = [12, 30];

/**
 * Density of honey at 20 °C; warm honey is lighter.
 *
 * @param moisturePercent - [% by mass], 12..30
 * @returns [kg/L]
 * @throws DomainError `out-of-range`
 * @accuracy 3e-4 over 13..21 %; extrapolated outside
 * @source White's table of specific gravity 20/20 °C, recalled from memory
 * @example honeyDensityKgPerL(17) // => 1.4209 ± 0.0005
 */
export function honeyDensityKgPerL(moisturePercent: number): number {
  const place = { fn: 'honeyDensityKgPerL', param: 'moisturePercent', unit: '%' };
  const w = requireInRange(moisturePercent, DENSITY_RANGE_PERCENT, place) - 17;
  const specificGravity = 1.42347 - 0.006301 * w - 0.000201 * w ** 2;
  return (specificGravity * WATER_20C_KG_PER_M3) / 1000;
}

/** Moistures that White's table is close to [%]. */
const SURE_PERCENT: readonly [number, number] = [13, 25];

/** A moisture that is only believed, held to where the density is known [%]. */
export const densityMoisture = (moisturePercent: number): number => {
  requireFinite({ moisturePercent }, 'densityMoisture');
  return Math.min(SURE_PERCENT[1], Math.max(SURE_PERCENT[0], moisturePercent));
};
