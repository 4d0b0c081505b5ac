import { requireInRange } from '../errors';

/** Temperatures over which the relation is used [°C]; the tables run from 13.7 to 48.1. */
export const VISCOSITY_RANGE_C: readonly [number, number] = [0, 70];

/** Moisture over which the relation is used [%]; the tables run from 13.7 to 20.2. */
export const VISCOSITY_RANGE_PERCENT: readonly [number, number] = [13, 25];

/**
 * Vogel's relation with moisture in place of a part of the temperature: one form for both tables.
 *
 * @source fitted to Munro (1943) and White, as in Crane (1975), recalled from memory
 */
const VOGEL = { offset: -7.674, slope: 781.1, pole: 55.94, perPercent: 3.629 } as const;

/**
 * Viscosity of honey that flows; heather honey is a gel until it is stirred and has none.
 *
 * @param temperatureC - [°C], 0..70
 * @param moisturePercent - [% by mass], 13..25
 * @returns [Pa·s]
 * @throws DomainError `out-of-range`
 * @accuracy 10 % of the tables from 13.7 to 48.1 °C and 13.7 to 20.2 %; extrapolated outside
 * @source Munro (1943) and White, as in Crane (1975), recalled from memory
 * @example viscosityPaS(25, 18.2) // => 4.8 ± 0.5
 */
export function viscosityPaS(temperatureC: number, moisturePercent: number): number {
  const fn = 'viscosityPaS';
  requireInRange(temperatureC, VISCOSITY_RANGE_C, { fn, param: 'temperatureC', unit: '°C' });
  const place = { fn, param: 'moisturePercent', unit: '%' };
  requireInRange(moisturePercent, VISCOSITY_RANGE_PERCENT, place);
  const { offset, slope, pole, perPercent } = VOGEL;
  return Math.exp(offset + slope / (temperatureC + pole + perPercent * (moisturePercent - 17)));
}
