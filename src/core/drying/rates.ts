/** How fast honey gives its water to the air, and how surely that is known. */
export interface DryingRates {
  /** diffusivity of water in honey at 33 °C [m²/s] */
  readonly diffusivityM2PerS: number;
  /** of the air film in gently moving air [kg/(m²·d·kPa)] */
  readonly filmKgPerM2DayKPa: number;
  /** of the cappings [kg/(m²·d·kPa)], in series with the film */
  readonly cappingKgPerM2DayKPa: number;
}

/** @source fitted to practice, not measured; handbook section 5 */
export const DRYING_RATES: DryingRates = {
  diffusivityM2PerS: 5e-11,
  filmKgPerM2DayKPa: 1.9,
  cappingKgPerM2DayKPa: 0.0155,
};

/** Standard deviation of the natural logarithm of each rate. @source of the diffusivity: handbook section 5; others: our choice */
export const RATE_SPREADS: Readonly<Record<keyof DryingRates, number>> = {
  diffusivityM2PerS: Math.log(1.8),
  filmKgPerM2DayKPa: Math.log(1.5),
  cappingKgPerM2DayKPa: Math.log(1.8),
};

const REFERENCE_K = 306.15;
const SECONDS_PER_DAY = 86_400;
const GAS_J_PER_MOL_K = 8.314;

/** Activation energy of the diffusion [J/mol]. @source assumed */
const ACTIVATION_J_PER_MOL = 50_000;

/**
 * How much faster water diffuses at a temperature than at 33 °C [1].
 *
 * @param temperatureC - of the honey [°C]
 * @source Arrhenius with 50 kJ/mol, assumed
 */
export function diffusivityFactor(temperatureC: number): number {
  const inverse = 1 / (temperatureC + 273.15) - 1 / REFERENCE_K;
  return Math.exp((-ACTIVATION_J_PER_MOL / GAS_J_PER_MOL_K) * inverse);
}

/** A diffusivity [m²/s] by the day [m²/d]. */
export function perDay(diffusivityM2PerS: number): number {
  return diffusivityM2PerS * SECONDS_PER_DAY;
}
