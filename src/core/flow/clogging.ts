import { requireInRange } from '../errors';

/** How matter closes a mesh: it settles on openings, or builds a cake on top. */
export type CloggingLaw = 'intermediate' | 'cake';

/** A mesh that clogs: flow when clean and how fast it closes. */
export interface Clogging {
  readonly law: CloggingLaw;
  /** [kg/min] */
  readonly cleanKgPerMin: number;
  /** K of Hermia [1/kg]; 0 never clogs */
  readonly perKg: number;
}

/**
 * Flow that is left once so much has gone through.
 *
 * @param passedKg - since it was clean [kg], not negative
 * @returns [kg/min]
 * @throws DomainError `out-of-range`
 * @source Hermia (1982), recalled from memory
 */
export function cloggedFlowKgPerMin(clogging: Clogging, passedKg: number): number {
  const place = { fn: 'cloggedFlowKgPerMin', param: 'passedKg', unit: 'kg' };
  requireInRange(passedKg, [0, 1e6], place);
  const blocked = clogging.perKg * passedKg;
  const left = clogging.law === 'intermediate' ? Math.exp(-blocked) : 1 / (1 + blocked);
  return clogging.cleanKgPerMin * left;
}

/**
 * What has gone through a mesh after a time.
 *
 * @param minutes - since it was clean [min], not negative
 * @returns [kg]
 * @throws DomainError `out-of-range`
 * @source Hermia (1982), recalled from memory: V = ln(1 + K·Q0·t)/K and V = (√(1 + 2K·Q0·t) − 1)/K
 * @example passedKg({ law: 'cake', cleanKgPerMin: 1, perKg: 0.02 }, 60) // => 42.2 ± 0.05
 */
export function passedKg({ law, cleanKgPerMin, perKg }: Clogging, minutes: number): number {
  requireInRange(minutes, [0, 1e6], { fn: 'passedKg', param: 'minutes', unit: 'min' });
  const clean = cleanKgPerMin * minutes;
  if (perKg === 0) return clean;
  return law === 'intermediate'
    ? Math.log1p(perKg * clean) / perKg
    : (Math.sqrt(1 + 2 * perKg * clean) - 1) / perKg;
}

/**
 * How long a clean mesh takes for a mass; the inverse of `passedKg`.
 *
 * @param kg - [kg], not negative
 * @returns [min]
 * @throws DomainError `out-of-range`
 * @source Hermia (1982), recalled from memory
 */
export function minutesToPass({ law, cleanKgPerMin, perKg }: Clogging, kg: number): number {
  requireInRange(kg, [0, 1e6], { fn: 'minutesToPass', param: 'kg', unit: 'kg' });
  if (perKg === 0) return kg / cleanKgPerMin;
  const blocked = perKg * kg;
  return law === 'intermediate'
    ? Math.expm1(blocked) / (perKg * cleanKgPerMin)
    : ((1 + blocked) ** 2 - 1) / (2 * perKg * cleanKgPerMin);
}
