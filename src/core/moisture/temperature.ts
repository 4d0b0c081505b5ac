import { requireInRange } from '../errors';

/** Temperature to which the refractive index is referred [°C]. @source AOAC 969.38 */
export const REFERENCE_TEMPERATURE_C = 20;

/** Change of the index of honey with temperature, as a positive number [1/°C]. @source AOAC 969.38, recalled from memory */
export const HONEY_INDEX_PER_C = 0.00023;

/** Change of the index of strong sugar solutions, for which ATC is built [1/°C]. @source common practice, no source */
export const SUGAR_INDEX_PER_C = 0.0002;

/** Change of the index of olive oil with temperature [1/°C]. @source common practice, no source */
export const OIL_INDEX_PER_C = 0.00037;

/** Prism temperatures at which a reading can be corrected [°C]; beyond, let it come to room temperature. */
export const PRISM_RANGE_C: readonly [number, number] = [5, 45];

/** What lies on the prism; each has its own temperature coefficient. */
export type PrismSubstance = 'honey' | 'oil';

/**
 * Refractive index that the same substance would show at 20 °C.
 *
 * Linear: add the coefficient for each degree above 20 °C, subtract it below.
 *
 * @param nD - index read at the prism temperature [1]
 * @param temperatureC - temperature of prism and sample [°C], 5..45
 * @param substance - honey 0.00023 per °C, oil (zero check only) 0.00037 per °C
 * @returns nD20 [1]
 * @throws DomainError `out-of-range`
 * @source AOAC 969.38 for honey, recalled from memory; oil: common practice, no source
 * @example indexAt20C(1.49, 25) // => 1.49115 ± 1e-9
 */
export function indexAt20C(
  nD: number,
  temperatureC: number,
  substance: PrismSubstance = 'honey',
): number {
  requireInRange(temperatureC, PRISM_RANGE_C, {
    fn: 'indexAt20C',
    param: 'temperatureC',
    unit: '°C',
  });
  const perC = substance === 'honey' ? HONEY_INDEX_PER_C : OIL_INDEX_PER_C;
  return nD + perC * (temperatureC - REFERENCE_TEMPERATURE_C);
}
