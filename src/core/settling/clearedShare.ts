import { requireInRange } from '../errors';
import { viscosityPaS } from '../flow/viscosity';
import { HONEY_KG_PER_M3, type SizeClass } from './matter';

const GRAVITY_M_PER_S2 = 9.81;
const SECONDS_PER_HOUR = 3600;
const M_PER_UM = 1e-6;

/**
 * Speed at which a sphere rises in honey; negative where it sinks.
 *
 * @param sizeUm - diameter [µm], 1..20,000; slow enough for Stokes in honey
 * @param densityKgPerM3 - of the sphere [kg/m³], 0..5000
 * @param viscosity - of the honey [Pa·s], above 0
 * @returns [m/s]
 * @throws DomainError `out-of-range`
 * @source Stokes (1851), recalled from memory: v = Δρ·g·d²/(18·η)
 */
export function riseMPerS(sizeUm: number, densityKgPerM3: number, viscosity: number): number {
  const fn = 'riseMPerS';
  requireInRange(sizeUm, [1, 20_000], { fn, param: 'sizeUm', unit: 'µm' });
  requireInRange(densityKgPerM3, [0, 5000], { fn, param: 'densityKgPerM3', unit: 'kg/m³' });
  requireInRange(viscosity, [1e-4, 1e7], { fn, param: 'viscosity', unit: 'Pa·s' });
  const lighter = HONEY_KG_PER_M3 - densityKgPerM3;
  return (lighter * GRAVITY_M_PER_S2 * (sizeUm * M_PER_UM) ** 2) / (18 * viscosity);
}

/** A vessel that stands: how high, how warm at first, and how it cools. */
export interface SettlingVessel {
  /** of the honey in it [cm] */
  readonly heightCm: number;
  readonly moisturePercent: number;
  readonly startC: number;
  /** about it [°C] */
  readonly roomC: number;
  /** time in which the difference falls to 37 % [h]; 0 keeps it at `roomC` */
  readonly lagHours: number;
}

/** Temperature of the honey after a time [°C]. */
export function settlingC({ startC, roomC, lagHours }: SettlingVessel, hours: number): number {
  return lagHours === 0 ? roomC : roomC + (startC - roomC) * Math.exp(-hours / lagHours);
}

/** Steps of the integral over the cooling, each of equal time. */
const STEPS = 64;

/**
 * What time and thinness together do: ∫ dt/η [1/Pa]. Everything rises in proportion to it.
 *
 * @param hours - [h], 0..1e5
 * @throws DomainError `out-of-range`
 * @accuracy Simpson's rule over 64 steps, 1e-5 while honey cools; exact once it is as the room
 */
export function fluidity(vessel: SettlingVessel, hours: number): number {
  requireInRange(hours, [0, 1e5], { fn: 'fluidity', param: 'hours', unit: 'h' });
  const perHour = (at: number): number =>
    SECONDS_PER_HOUR / viscosityPaS(settlingC(vessel, at), vessel.moisturePercent);
  const cooling = Math.min(hours, 12 * vessel.lagHours);
  const step = cooling / STEPS;
  let sum = 0;
  for (let at = 0; at < STEPS; at += 1) {
    const from = at * step;
    sum += (step / 6) * (perHour(from) + 4 * perHour(from + step / 2) + perHour(from + step));
  }
  return sum + (hours - cooling) * perHour(hours);
}

/** A vessel is so high at least and at most [cm]. */
export const HEIGHT_RANGE_CM: readonly [number, number] = [1, 400];

/**
 * Share of the matter that reached the top (or the bottom) of a vessel.
 *
 * @param classes - of the matter; their shares add up to 1
 * @param densityKgPerM3 - of the matter [kg/m³]
 * @param heightCm - of the honey [cm], 1..400
 * @param dose - ∫ dt/η [1/Pa], from `fluidity`
 * @returns [1], 0..1
 * @throws DomainError `out-of-range`
 * @source Σ mᵢ·min(1, vᵢ·t/H), matter spread evenly at first
 */
export function clearedShare(
  classes: readonly SizeClass[],
  densityKgPerM3: number,
  heightCm: number,
  dose: number,
): number {
  const place = { fn: 'clearedShare', param: 'heightCm', unit: 'cm' };
  const height = requireInRange(heightCm, HEIGHT_RANGE_CM, place) / 100;
  return classes.reduce((sum, { sizeUm, share }) => {
    const rise = Math.abs(riseMPerS(sizeUm, densityKgPerM3, 1)) * dose;
    return sum + share * Math.min(1, rise / height);
  }, 0);
}

/**
 * The smallest matter that has wholly cleared.
 *
 * @param dose - ∫ dt/η [1/Pa], above 0
 * @returns diameter [µm]
 */
export function clearedFromUm(densityKgPerM3: number, heightCm: number, dose: number): number {
  const perUm2 = Math.abs(riseMPerS(1, densityKgPerM3, 1)) * dose;
  return Math.sqrt(heightCm / 100 / perUm2);
}
