import { requireFinite, requireInRange } from '../errors';
import { wilsonInterval } from './wilson';

/** Shares of certainty that are held against what came [1]. */
export const STATED_LEVELS = [0.5, 0.8, 0.95] as const;

/** Fewer forecasts than this say little. @source our choice, no source */
export const FEW_FORECASTS = 10;

/** Of what was said with some certainty, how much came. */
export interface HeldLevel {
  /** said [1] */
  readonly stated: number;
  /** came: share of the forecasts whose interval of that certainty held what was found [1] */
  readonly came: number;
  /** between what the true share lies, 95 % [1] */
  readonly low: number;
  readonly high: number;
  /** what was said lies between: nothing speaks against it */
  readonly agrees: boolean;
}

/** How well something was forecast. */
export interface TrackRecord {
  readonly count: number;
  readonly isTooFew: boolean;
  readonly levels: readonly HeldLevel[];
  /** mean place of what was found [1]: under a half it was lower than forecast more often than not */
  readonly meanPlace: number;
}

/**
 * How well a row of forecasts forecast: of the intervals stated with 50, 80 and 95 in 100, how many held
 * what was found.
 *
 * @param places - for each forecast, the probability that it gave to less than what was found [1], 0..1
 * @returns null without any
 * @throws DomainError `out-of-range`
 * @source probability integral transform, Dawid (1984); interval by Wilson's score; recalled from memory
 */
export function trackRecord(places: readonly number[]): TrackRecord | null {
  const fn = 'trackRecord';
  requireFinite({ places }, fn);
  for (const place of places) requireInRange(place, [0, 1], { fn, param: 'places', unit: '1' });
  const count = places.length;
  if (count === 0) return null;
  const levels = STATED_LEVELS.map((stated): HeldLevel => {
    const held = places.filter((place) => Math.abs(2 * place - 1) <= stated).length;
    const { low, high } = wilsonInterval(held, count);
    const agrees = stated >= low && stated <= high;
    return { stated, came: held / count, low, high, agrees };
  });
  const meanPlace = places.reduce((sum, place) => sum + place, 0) / count;
  return { count, isTooFew: count < FEW_FORECASTS, levels, meanPlace };
}
