import { requireInRange } from '../errors';
import { BRIX_RANGE, brixFromIndex, indexFromBrix } from './brix';
import {
  COMPUTED_RANGE_ND20,
  COMPUTED_RANGE_PERCENT,
  indexFromMoisture,
  moistureFromIndex,
  moisturePerIndex,
} from './refractiveIndex';

/** What is printed on the dial: % water, °Brix, or the refractive index itself. */
export const SCALES = ['water', 'brix', 'nD'] as const;
export type Scale = (typeof SCALES)[number];

/** Indices that the dial of a meter may show, warm honey included, before correction. */
const DIAL_RANGE_ND: readonly [number, number] = [COMPUTED_RANGE_ND20[0], COMPUTED_RANGE_ND20[1]];

/** Values that each dial shows on honey, 30 down to 12 % moisture [unit of the scale]. */
export const DIAL_RANGES: Readonly<Record<Scale, readonly [number, number]>> = {
  water: COMPUTED_RANGE_PERCENT,
  brix: [brixFromIndex(DIAL_RANGE_ND[0]), Math.min(brixFromIndex(DIAL_RANGE_ND[1]), BRIX_RANGE[1])],
  nD: DIAL_RANGE_ND,
};

const UNITS: Readonly<Record<Scale, string>> = { water: '%', brix: '°Bx', nD: '1' };

/**
 * Refractive index that the dial stands for, as if the prism were at 20 °C.
 *
 * @param scale - what the dial is divided in
 * @param dialValue - % water 12..30, °Brix about 68.6..86.1, or nD about 1.474..1.507
 * @returns nD [1], still at the temperature of the prism
 * @throws DomainError `out-of-range` outside the dial's range for honey
 * @source Wedmore (1955); ICUMSA SPS-3; both recalled from memory
 * @example indexFromDial('brix', 81) // => 1.49333 ± 0.00001
 */
export function indexFromDial(scale: Scale, dialValue: number): number {
  requireInRange(dialValue, DIAL_RANGES[scale], {
    fn: 'indexFromDial',
    param: 'dialValue',
    unit: UNITS[scale],
  });
  if (scale === 'water') return indexFromMoisture(dialValue);
  return scale === 'brix' ? indexFromBrix(dialValue) : dialValue;
}

/**
 * What a dial of the given scale shows for an index; the inverse of `indexFromDial`.
 *
 * @param scale - what the dial is divided in
 * @param nD - [1]
 * @returns in the unit of the scale
 * @throws DomainError `out-of-range`
 * @source Wedmore (1955); ICUMSA SPS-3; both recalled from memory
 * @example dialFromIndex('water', 1.494) // => 17.0 ± 0.025
 */
export function dialFromIndex(scale: Scale, nD: number): number {
  if (scale === 'water') return moistureFromIndex(nD);
  if (scale === 'brix') return brixFromIndex(nD);
  return requireInRange(nD, DIAL_RANGE_ND, { fn: 'dialFromIndex', param: 'nD', unit: '1' });
}

/**
 * How much the index changes over one unit of the dial, as a positive number.
 *
 * @param scale - what the dial is divided in
 * @param dialValue - in the unit of the scale
 * @returns [1 per unit of the scale]
 * @throws DomainError `out-of-range`
 * @accuracy 1e-7 for Brix, by a difference over a hundredth of a degree; else exact
 * @source derivative of the relations behind `indexFromDial`
 * @example indexPerDial('nD', 1.49) // => 1
 */
export function indexPerDial(scale: Scale, dialValue: number): number {
  const here = indexFromDial(scale, dialValue);
  if (scale === 'nD') return 1;
  if (scale === 'water') return Math.abs(1 / moisturePerIndex(here));
  const step = dialValue > BRIX_RANGE[1] - 1 ? -0.01 : 0.01;
  return (indexFromBrix(dialValue + step) - here) / step;
}

/** What a bare number looks like: one of the scales, the index of water, or nothing known. */
export type RecognisedNumber = Scale | 'index-of-water' | 'unknown';

/** Index of water at 20 °C [1]. @source sodium D line, recalled from memory */
export const WATER_ND20 = 1.33299;

/** How far a typed index may be from that of water to be taken for it [1]. */
const NEAR_WATER = 0.02;

/**
 * The scale that a typed number most likely belongs to; the honey ranges do not overlap.
 *
 * @param value - as typed
 * @returns the scale, 'index-of-water' within 0.02 of it, or 'unknown'
 * @source ranges of `DIAL_RANGES`
 */
export function recogniseScale(value: number): RecognisedNumber {
  const scale = SCALES.find(
    (word) => value >= DIAL_RANGES[word][0] && value <= DIAL_RANGES[word][1],
  );
  if (scale) return scale;
  return Math.abs(value - WATER_ND20) <= NEAR_WATER ? 'index-of-water' : 'unknown';
}
