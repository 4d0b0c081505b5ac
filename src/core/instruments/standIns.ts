import { requireInRange } from '../errors';
import type { Scale } from '../moisture/scales';
import { seededRandom } from '../stats/seededRandom';
import type { SimulatedEyepiece } from './simulatedEyepiece';
import type { SimulatedMeter } from './simulatedMeter';

/** Numbers of the made-up samples that the stand-ins offer. */
export const STAND_IN_SAMPLES: readonly [number, number] = [1, 999];

const between = (random: () => number, low: number, high: number): number =>
  low + random() * (high - low);

const hundredth = (value: number): number => Math.round(value * 100) / 100;
const tenth = (value: number): number => Math.round(value * 10) / 10;

function sourceOf(sample: number, fn: string): () => number {
  requireInRange(sample, STAND_IN_SAMPLES, { fn, param: 'sample', unit: '1' });
  return seededRandom(sample * 7919);
}

/**
 * Made-up honey on the prism of the simulated digital meter: the same number is the same honey.
 *
 * @param sample - 1..999
 * @throws DomainError `out-of-range`
 * @source invented for the stand-in
 */
export function standInMeter(sample: number): SimulatedMeter {
  const random = sourceOf(sample, 'standInMeter');
  return {
    moisturePercent: hundredth(between(random, 15.8, 19.6)),
    honeyC: tenth(between(random, 25, 34)),
    roomC: tenth(between(random, 20, 24)),
    offsetIndex: 0,
  };
}

/** What the person at the simulated eyepiece chooses. */
export interface EyepieceChoice {
  readonly scale: Scale;
  readonly atc: boolean;
  /** 0..1, how far the focus ring is off */
  readonly focusOff: number;
  /** 0..1, how badly the film was spread */
  readonly unevenness: number;
}

/**
 * Made-up honey under the flap of the simulated eyepiece: the same number is the same honey at the
 * same temperature.
 *
 * @param sample - 1..999
 * @param choice - instrument, focus and film
 * @throws DomainError `out-of-range`
 * @source invented for the stand-in
 */
export function standInEyepiece(sample: number, choice: EyepieceChoice): SimulatedEyepiece {
  const random = sourceOf(sample, 'standInEyepiece');
  const fn = 'standInEyepiece';
  requireInRange(choice.focusOff, [0, 1], { fn, param: 'focusOff', unit: '1' });
  requireInRange(choice.unevenness, [0, 1], { fn, param: 'unevenness', unit: '1' });
  return {
    scale: choice.scale,
    atc: choice.atc,
    moisturePercent: hundredth(between(random, 15.5, 20.5)),
    temperatureC: tenth(between(random, 16, 28)),
    offsetIndex: 0,
    blur: choice.focusOff,
    unevenness: choice.unevenness,
  };
}
