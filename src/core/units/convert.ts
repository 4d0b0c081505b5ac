import { requireFinite } from '../errors';
/** Kilograms in one avoirdupois pound, exact. @source International yard and pound agreement 1959 */
export const KG_PER_POUND = 0.45359237;
export const KG_PER_OUNCE = KG_PER_POUND / 16;

/** Litres in one US liquid gallon, exact. @source NIST Handbook 44, appendix C (recalled from memory) */
export const L_PER_US_GALLON = 3.785411784;

/** Litres in one imperial gallon, exact. @source UK Weights and Measures Act 1985 (recalled from memory) */
export const L_PER_IMPERIAL_GALLON = 4.54609;

/** Centimetres in one inch, exact. @source International yard and pound agreement 1959 */
export const CM_PER_INCH = 2.54;

/**
 * Temperature in degrees Celsius of a Fahrenheit temperature.
 *
 * @param temperatureF - [°F]
 * @returns [°C]
 * @source definition of the Fahrenheit scale
 * @example celsiusFromFahrenheit(77) // => 25 ± 1e-12
 */
export function celsiusFromFahrenheit(temperatureF: number): number {
  requireFinite({ temperatureF }, 'celsiusFromFahrenheit');
  return ((temperatureF - 32) * 5) / 9;
}

/**
 * Temperature in degrees Fahrenheit of a Celsius temperature.
 *
 * @param temperatureC - [°C]
 * @returns [°F]
 * @source definition of the Fahrenheit scale
 * @example fahrenheitFromCelsius(33) // => 91.4 ± 1e-9
 */
export function fahrenheitFromCelsius(temperatureC: number): number {
  requireFinite({ temperatureC }, 'fahrenheitFromCelsius');
  return (temperatureC * 9) / 5 + 32;
}
