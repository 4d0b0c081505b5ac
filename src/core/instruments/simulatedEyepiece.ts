import { requireInRange, requireFinite } from '../errors';
import { ATC_RANGE_C } from '../moisture/interpretReading';
import { indexFromMoisture } from '../moisture/refractiveIndex';
import { dialFromIndex, type Scale } from '../moisture/scales';
import {
  HONEY_INDEX_PER_C,
  REFERENCE_TEMPERATURE_C,
  SUGAR_INDEX_PER_C,
} from '../moisture/temperature';

/** Honey under the flap of the simulated eyepiece, and the instrument itself. */
export interface SimulatedEyepiece {
  readonly scale: Scale;
  readonly atc: boolean;
  /** true moisture by refractometry [%], 13..25 */
  readonly moisturePercent: number;
  /** of prism and honey [°C] */
  readonly temperatureC: number;
  /** error of the instrument's own zero [index] */
  readonly offsetIndex: number;
  /** 0: sharp, 1: the focus ring far off */
  readonly blur: number;
  /** 0: a full even film, 1: a wedge with bubbles */
  readonly unevenness: number;
}

/** Where the border between light and dark lies, in the unit of the scale. */
export interface EyepieceView {
  /** in the middle of the field */
  readonly borderDial: number;
  /** over how much of the scale light turns to dark */
  readonly softnessDial: number;
  /** how far the border leans from the left to the right edge of the field */
  readonly leanDial: number;
}

/** Width of a sharp border, and what blur and an uneven film add, as parts of the scale. @source invented for the stand-in */
const OPTICS = { sharp: 0.004, blur: 0.06, wedge: 0.05 } as const;

/** Ends of the drawn scale, as an eyepiece for honey has them [unit of the scale]. */
export const EYEPIECE_SCALES: Readonly<Record<Scale, readonly [number, number]>> = {
  water: [12, 28],
  brix: [70, 86],
  nD: [1.466, 1.506],
};

/** The index that the instrument's dial stands for, as if at 20 °C. */
function dialIndex(eyepiece: SimulatedEyepiece): number {
  const { temperatureC, atc, moisturePercent, offsetIndex } = eyepiece;
  const off = temperatureC - REFERENCE_TEMPERATURE_C;
  const [low, high] = ATC_RANGE_C;
  const compensatedTo = Math.min(high, Math.max(low, temperatureC)) - REFERENCE_TEMPERATURE_C;
  const compensation = atc ? SUGAR_INDEX_PER_C * compensatedTo : 0;
  return indexFromMoisture(moisturePercent) - HONEY_INDEX_PER_C * off + compensation + offsetIndex;
}

/**
 * What one sees through the simulated eyepiece.
 *
 * The border lies at the index that the film has at its temperature; the instrument's compensation
 * moves the scale within its range. Blur softens the border, an uneven film makes it lean.
 *
 * @param eyepiece - honey and instrument
 * @throws DomainError `out-of-range` for a temperature outside 5..45 °C or honey off the scale
 * @source AOAC 969.38 for the temperature coefficient, recalled from memory; optics invented
 */
export function eyepieceView(eyepiece: SimulatedEyepiece): EyepieceView {
  requireFinite({ eyepiece }, 'eyepieceView');
  const fn = 'eyepieceView';
  requireInRange(eyepiece.temperatureC, [5, 45], { fn, param: 'temperatureC', unit: '°C' });
  const borderDial = dialFromIndex(eyepiece.scale, dialIndex(eyepiece));
  const [low, high] = EYEPIECE_SCALES[eyepiece.scale];
  const span = high - low;
  return {
    borderDial: requireInRange(borderDial, [low, high], { fn, param: 'borderDial', unit: '1' }),
    softnessDial: span * (OPTICS.sharp + OPTICS.blur * eyepiece.blur),
    leanDial: span * OPTICS.wedge * eyepiece.unevenness,
  };
}
