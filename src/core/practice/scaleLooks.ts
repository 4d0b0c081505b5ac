import { requireFinite } from '../errors';
import {
  eyepieceView,
  type EyepieceView,
  type SimulatedEyepiece,
} from '../instruments/simulatedEyepiece';
import type { Scale } from '../moisture/scales';
import { mean } from '../moisture/spreads';
import { seededRandom } from '../stats/seededRandom';

/** Finest division that the drawn scales have [unit of the scale]. @source common practice, no source */
export const SCALE_DIVISION: Readonly<Record<Scale, number>> = { water: 0.5, brix: 0.5, nD: 0.001 };

/** Off by more than this many divisions, a reading counts as missed. @source our choice, no source */
export const READ_WITHIN = 0.5;

/** An eyepiece to read, and what it truly shows. */
export interface ScaleLook {
  readonly eyepiece: SimulatedEyepiece;
  readonly view: EyepieceView;
  /** whether the meter says that it compensates; null: nobody knows */
  readonly saysAtc: boolean | null;
}

const SCALES: readonly Scale[] = ['water', 'water', 'brix', 'nD'];

/**
 * A drawn eyepiece to read: honey, temperature, focus, film and scale by seed.
 *
 * @param seed - any whole number
 * @source invented
 */
export function scaleLookOf(seed: number): ScaleLook {
  requireFinite({ seed }, 'scaleLookOf');
  const draw = seededRandom(seed ^ 0x5ca1e);
  const scale = SCALES[Math.floor(draw() * SCALES.length)] ?? 'water';
  const atc = draw() < 0.5;
  const eyepiece: SimulatedEyepiece = {
    scale,
    atc,
    moisturePercent: 15.5 + 6 * draw(),
    temperatureC: Math.round(12 + 20 * draw()),
    offsetIndex: 0,
    blur: draw() ** 2,
    unevenness: draw() ** 2,
  };
  return { eyepiece, view: eyepieceView(eyepiece), saysAtc: draw() < 0.3 ? null : atc };
}

/** How a reader does at the scale, in its divisions. */
export interface ScaleSkill {
  readonly looks: number;
  readonly bias: number;
  readonly off: number;
}

/** Bias and scatter of readings in divisions; null where there were none. @source a definition */
export function scaleSkill(
  looks: readonly {
    readonly answered: number;
    readonly truth: number;
    readonly division: number;
  }[],
): ScaleSkill | null {
  requireFinite({ looks }, 'scaleSkill');
  if (looks.length === 0) return null;
  const errors = looks.map(({ answered, truth, division }) => (answered - truth) / division);
  return {
    looks: looks.length,
    bias: mean(errors),
    off: Math.sqrt(mean(errors.map((error) => error * error))),
  };
}
