import { requireInRange } from '../errors';

/**
 * Constants of the relation between refractive index and moisture.
 *
 * W = (a − log10(100·(nD20 − 1))) / b, W in % by mass.
 *
 * @source Wedmore (1955) after Chataway (1932), as in AOAC 969.38; recalled from memory
 */
export const WEDMORE = { a: 1.7319, b: 0.002243 } as const;

/** Moisture covered by the published table [%]. @source Chataway (1932), recalled from memory */
export const TABLE_RANGE_PERCENT: readonly [number, number] = [13, 25];

/** Moisture up to which the relation is still computed, and marked as outside the table [%]. */
export const COMPUTED_RANGE_PERCENT: readonly [number, number] = [12, 30];

function wedmoreIndex(moisturePercent: number): number {
  return 1 + 10 ** (WEDMORE.a - WEDMORE.b * moisturePercent) / 100;
}

/** Refractive indices that the relation accepts: 30 % to 12 % moisture. */
export const COMPUTED_RANGE_ND20: readonly [number, number] = [
  wedmoreIndex(COMPUTED_RANGE_PERCENT[1]),
  wedmoreIndex(COMPUTED_RANGE_PERCENT[0]),
];

/** Rounding that the range check forgives, so that a round trip at the edge does not throw. */
const EDGE = 1e-9;

function widened([low, high]: readonly [number, number]): readonly [number, number] {
  return [low - EDGE, high + EDGE];
}

/**
 * Moisture of honey by refractometry.
 *
 * @param nD20 - refractive index at 20 °C, sodium D line [1], about 1.4740..1.5070
 * @returns moisture [% by mass], 12..30; use `isOutsideTable` to mark 12..13 and 25..30
 * @throws DomainError `out-of-range` outside the index of 12..30 % moisture
 * @accuracy 0.025 % against the table; the method itself 0.05 % (standard)
 * @source Wedmore (1955); AOAC 969.38; International Honey Commission; recalled from memory
 * @example moistureFromIndex(1.494) // => 17.0 ± 0.025
 */
export function moistureFromIndex(nD20: number): number {
  const place = { fn: 'moistureFromIndex', param: 'nD20', unit: '1' };
  requireInRange(nD20, widened(COMPUTED_RANGE_ND20), place);
  return (WEDMORE.a - Math.log10(100 * (nD20 - 1))) / WEDMORE.b;
}

/**
 * Refractive index at 20 °C of honey of the given moisture; the inverse of `moistureFromIndex`.
 *
 * @param moisturePercent - [% by mass], 12..30
 * @returns nD20 [1]
 * @throws DomainError `out-of-range`
 * @accuracy exact inverse
 * @source Wedmore (1955); AOAC 969.38; recalled from memory
 * @example indexFromMoisture(18.6) // => 1.4900 ± 0.0001
 */
export function indexFromMoisture(moisturePercent: number): number {
  const place = { fn: 'indexFromMoisture', param: 'moisturePercent', unit: '%' };
  requireInRange(moisturePercent, widened(COMPUTED_RANGE_PERCENT), place);
  return wedmoreIndex(moisturePercent);
}

/**
 * How much the moisture changes with the refractive index: negative, since water lowers the index.
 *
 * @param nD20 - [1]
 * @returns [% per unit of index], about −400 in the honey range
 * @throws DomainError `out-of-range`
 * @source derivative of Wedmore (1955)
 * @example moisturePerIndex(1.494) // => -391.9 ± 0.1
 */
export function moisturePerIndex(nD20: number): number {
  const place = { fn: 'moisturePerIndex', param: 'nD20', unit: '1' };
  requireInRange(nD20, widened(COMPUTED_RANGE_ND20), place);
  return -1 / (WEDMORE.b * Math.LN10 * (nD20 - 1));
}

/**
 * Whether a moisture lies outside the published table, so that the figure must be marked.
 *
 * @param moisturePercent - [% by mass]
 * @returns true below 13 or above 25
 * @source Chataway (1932), range recalled from memory
 */
export function isOutsideTable(moisturePercent: number): boolean {
  return moisturePercent < TABLE_RANGE_PERCENT[0] || moisturePercent > TABLE_RANGE_PERCENT[1];
}
