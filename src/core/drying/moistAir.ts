/**
 * Moist air. The one module that touches psychrolib, whose unit system is global: it is set here
 * once.
 */
import psychrolib from 'psychrolib';
import { requireInRange } from '../errors';

psychrolib.SetUnitSystem(psychrolib.SI);

const { exp, log } = Math;
const PA_PER_KPA = 1000;

/** Pressure of the air at sea level [kPa]. @source ICAO standard atmosphere */
export const AIR_PRESSURE_KPA = 101.325;

/** Molar mass of water by that of dry air [1]. @source ASHRAE Handbook - Fundamentals (2017), ch. 1, eq. 20 */
const MOLAR_RATIO = 0.621945;

/** Temperatures of air that the simulations meet [°C]. */
export const AIR_RANGE_C: readonly [number, number] = [-30, 80];

/**
 * Saturation vapour pressure over water, below 0 °C over ice.
 *
 * @param temperatureC - [°C], -30..80
 * @returns [kPa]
 * @throws DomainError `out-of-range`
 * @source ASHRAE Handbook - Fundamentals (2017), ch. 1, eq. 5 and 6, by psychrolib
 * @example saturationPressureKPa(33) // => 5.03 ± 0.01
 */
export function saturationPressureKPa(temperatureC: number): number {
  const place = { fn: 'saturationPressureKPa', param: 'temperatureC', unit: '°C' };
  return psychrolib.GetSatVapPres(requireInRange(temperatureC, AIR_RANGE_C, place)) / PA_PER_KPA;
}

const STEP_C = 0.25;
const [COLDEST_C, WARMEST_C] = AIR_RANGE_C;

/** Logarithm of the saturation pressure every quarter of a degree. */
const LOG_SATURATION = Float64Array.from(
  { length: Math.round((WARMEST_C - COLDEST_C) / STEP_C) + 1 },
  (_, at) => log(saturationPressureKPa(COLDEST_C + at * STEP_C)),
);

/** Saturation pressure with its slope. */
export interface Saturation {
  /** [kPa] */
  pressureKPa: number;
  /** [kPa/K] */
  slopeKPaPerK: number;
}

/** The logarithms of the table about a temperature, and how far it lies between them, 0–1. */
function tabled(temperatureC: number): readonly [low: number, high: number, part: number] {
  const place = (temperatureC - COLDEST_C) / STEP_C;
  const at = Math.min(LOG_SATURATION.length - 2, Math.max(0, Math.floor(place)));
  const part = Math.min(1, Math.max(0, place - at));
  return [LOG_SATURATION[at] ?? 0, LOG_SATURATION[at + 1] ?? 0, part];
}

/** As `saturationPressureKPa`, from the table and unchecked, for inner loops [kPa]. */
export function quickSaturationKPa(temperatureC: number): number {
  const [low, high, part] = tabled(temperatureC);
  return exp(low + part * (high - low));
}

/**
 * Saturation vapour pressure with its slope, for inner loops: the logarithm interpolated between
 * tabulated values of `saturationPressureKPa`. Outside the range the nearest end counts.
 *
 * @param temperatureC - [°C]
 * @param into - where the result is put, so that nothing is allocated
 * @accuracy 1e-5 relative
 * @source as `saturationPressureKPa`
 */
export function saturationAt(temperatureC: number, into: Saturation): Saturation {
  const [low, high, part] = tabled(temperatureC);
  into.pressureKPa = exp(low + part * (high - low));
  into.slopeKPaPerK = (into.pressureKPa * (high - low)) / STEP_C;
  return into;
}

/**
 * Humidity ratio of air: water by dry air.
 *
 * @param temperatureC - [°C], -30..80
 * @param relativeHumidity - [1], 0..1
 * @returns [kg/kg]
 * @throws DomainError `out-of-range`
 * @source ASHRAE Handbook - Fundamentals (2017), ch. 1, eq. 20 and 22
 * @example humidityRatio(25, 0.5) // => 0.00988 ± 0.0001
 */
export function humidityRatio(temperatureC: number, relativeHumidity: number): number {
  const place = { fn: 'humidityRatio', param: 'relativeHumidity', unit: '1' };
  const humidity = requireInRange(relativeHumidity, [0, 1], place);
  const pressure = humidity * saturationPressureKPa(temperatureC);
  return (MOLAR_RATIO * pressure) / (AIR_PRESSURE_KPA - pressure);
}

/** As `humidityRatio`, from the table and unchecked, for inner loops [kg/kg]. */
export function quickHumidityRatio(temperatureC: number, relativeHumidity: number): number {
  const pressure = relativeHumidity * quickSaturationKPa(temperatureC);
  return (MOLAR_RATIO * pressure) / (AIR_PRESSURE_KPA - pressure);
}

/** As `relativeHumidityOf`, from the table and unchecked, for inner loops [1]. */
export function quickRelativeHumidity(temperatureC: number, ratio: number): number {
  return vapourPressureKPa(ratio) / quickSaturationKPa(temperatureC);
}

/** Vapour pressure of air of a humidity ratio [kPa]. @source ASHRAE Handbook - Fundamentals (2017), ch. 1, eq. 20 */
export function vapourPressureKPa(ratio: number): number {
  return (AIR_PRESSURE_KPA * ratio) / (MOLAR_RATIO + ratio);
}

/** How the vapour pressure rises with the humidity ratio [kPa]. */
export function vapourPressureSlopeKPa(ratio: number): number {
  return (AIR_PRESSURE_KPA * MOLAR_RATIO) / (MOLAR_RATIO + ratio) ** 2;
}

/**
 * Relative humidity of air, above 1 where it is supersaturated.
 *
 * @param temperatureC - [°C], -30..80
 * @param ratio - humidity ratio [kg/kg]
 * @returns [1]
 * @throws DomainError `out-of-range`
 * @source ASHRAE Handbook - Fundamentals (2017), ch. 1, eq. 22
 */
export function relativeHumidityOf(temperatureC: number, ratio: number): number {
  return vapourPressureKPa(ratio) / saturationPressureKPa(temperatureC);
}

/**
 * Density of dry air in moist air.
 *
 * @param temperatureC - [°C]
 * @returns [kg of dry air/m³]
 * @accuracy 2 % with the moisture of a warm room left out
 * @source ideal gas, R = 287.05 J/(kg·K)
 */
export function dryAirKgPerM3(temperatureC: number): number {
  return (AIR_PRESSURE_KPA * PA_PER_KPA) / (287.05 * (temperatureC + 273.15));
}
