/**
 * Moist air. The one module that touches psychrolib, whose unit system is global: it is set here
 * once.
 */
import psychrolib from 'psychrolib';
import { requireInRange } from '../errors';

psychrolib.SetUnitSystem(psychrolib.SI);

const PA_PER_KPA = 1000;

/**
 * Saturation vapour pressure over water.
 *
 * @param temperatureC - [°C], 0..80
 * @returns [kPa]
 * @throws DomainError `out-of-range`
 * @source ASHRAE Handbook - Fundamentals (2017), ch. 1, eq. 6, by psychrolib
 * @example saturationPressureKPa(33) // => 5.03 ± 0.01
 */
export function saturationPressureKPa(temperatureC: number): number {
  const place = { fn: 'saturationPressureKPa', param: 'temperatureC', unit: '°C' };
  return psychrolib.GetSatVapPres(requireInRange(temperatureC, [0, 80], place)) / PA_PER_KPA;
}
