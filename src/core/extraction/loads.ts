import { requireInRange, requireFinite } from '../errors';

/** One filling of an extractor. */
export interface Load {
  readonly frames: number;
  /** wet frames that are added so that it runs even */
  readonly counterweights: number;
}

/** Least number of frames that balance: opposite pairs, or thirds where the cage allows. */
function counterweightsFor(frames: number, perLoad: number): number {
  if (frames === perLoad) return 0;
  if (perLoad % 2 === 0 && frames % 2 === 0) return 0;
  if (perLoad % 3 === 0 && frames % 3 === 0) return 0;
  return perLoad > 1 ? 1 : 0;
}

/**
 * How frames go into an extractor: full loads first, what is over last. An odd rest gets a wet frame
 * opposite, so that the cage does not shake.
 *
 * @param frames - 0..20,000
 * @param perLoad - 1..500
 * @throws DomainError `out-of-range`
 * @source common practice, no source
 */
export function loadsOf(frames: number, perLoad: number): Load[] {
  const fn = 'loadsOf';
  requireInRange(frames, [0, 20_000], { fn, param: 'frames', unit: '1' });
  requireInRange(perLoad, [1, 500], { fn, param: 'perLoad', unit: '1' });
  const whole = Math.floor(frames / perLoad);
  const rest = frames - whole * perLoad;
  const full = Array.from({ length: whole }, () => ({ frames: perLoad, counterweights: 0 }));
  if (rest === 0) return full;
  return [...full, { frames: rest, counterweights: counterweightsFor(rest, perLoad) }];
}

/**
 * Places that frames take in an extractor: small ones hang two in a place.
 *
 * @param frames - all of them, 0..20,000
 * @param small - of those, 0..frames
 * @throws DomainError `out-of-range`
 * @source common practice, no source
 * @example extractorPlaces(20, 7) // => 17
 */
export function extractorPlaces(frames: number, small: number): number {
  const fn = 'extractorPlaces';
  requireInRange(frames, [0, 20_000], { fn, param: 'frames', unit: '1' });
  requireInRange(small, [0, frames], { fn, param: 'small', unit: '1' });
  return frames - small + Math.ceil(small / 2);
}

/** A frame with its weight. */
export interface WeighedFrame {
  readonly id: string;
  readonly kg: number;
}

/** Frames that hang opposite each other. */
export type OppositePair = readonly [WeighedFrame, WeighedFrame | null];

/**
 * Which frames to hang opposite each other: neighbours by weight, so that each pair balances.
 *
 * @returns pairs, the heaviest first; the last has no partner where the number is odd
 */
export function oppositePairs(frames: readonly WeighedFrame[]): OppositePair[] {
  requireFinite({ frames }, 'oppositePairs');
  const heavyFirst = [...frames].sort((a, b) => b.kg - a.kg);
  return Array.from({ length: Math.ceil(heavyFirst.length / 2) }, (_, at) => [
    heavyFirst[2 * at]!,
    heavyFirst[2 * at + 1] ?? null,
  ]);
}
