/** Rates of which nobody knows the true value. */
export type RateName = 'diffusivityM2PerS' | 'filmKgPerM2DayKPa' | 'cappingKgPerM2DayKPa';

/** How fast honey gives its water to the air, and how surely that is known. */
export interface DryingRates {
  /** diffusivity of water in honey of 18 % at 33 °C [m²/s] */
  readonly diffusivityM2PerS: number;
  /** how its logarithm falls with the water by dry matter [1]; `DIFFUSION_PER_RATIO` where not there */
  readonly diffusionPerRatio?: number;
  /** of the air film in gently moving air [kg/(m²·d·kPa)] */
  readonly filmKgPerM2DayKPa: number;
  /** of the cappings [kg/(m²·d·kPa)], in series with the film */
  readonly cappingKgPerM2DayKPa: number;
}

/** @source fitted to the first four days of common practice, no source, with the falling diffusivity; not measured */
export const DRYING_RATES: DryingRates = {
  diffusivityM2PerS: 7.5e-11,
  filmKgPerM2DayKPa: 1.2,
  cappingKgPerM2DayKPa: 0.0155,
};

/**
 * How the logarithm of the diffusivity grows with the water by dry matter, kg/kg [1]: half as fast at
 * 14 % as at 22 %. Thick honey holds its water, so that late drying is slow.
 *
 * @source D = D₀·exp(k·X), as used for the drying of liquid foods rich in sugar (Luyben, Liou & Bruin
 * 1982), recalled from memory; k assumed, not measured in honey
 */
export const DIFFUSION_PER_RATIO = 6;

/** Water by dry matter of honey of 18 %, for which the diffusivity is stated [kg/kg]. */
export const DIFFUSION_REFERENCE_RATIO = 18 / 82;

/** Standard deviation of the natural logarithm of each rate. @source our choice, no source */
export const RATE_SPREADS: Readonly<Record<RateName, number>> = {
  diffusivityM2PerS: Math.log(1.8),
  filmKgPerM2DayKPa: Math.log(1.7),
  cappingKgPerM2DayKPa: Math.log(2),
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
