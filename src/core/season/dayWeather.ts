import { requireFinite } from '../errors';

/** A day of a forecast, or one that was noted. */
export interface DayWeather {
  /** since 1970-01-01 */
  readonly day: number;
  /** by day [°C] */
  readonly highestC: number;
  /** by night [°C] */
  readonly lowestC: number;
  /** null where nobody said [mm] */
  readonly rainMm: number | null;
}

/** Air outside that can be written down [°C]. */
export const WEATHER_RANGE_C: readonly [number, number] = [-40, 55];

/** Below this honey hardly runs and sets in the comb [°C]. @source common practice, no source */
export const HONEY_RUNS_FROM_C = 15;

/** From so much rain on nobody opens hives [mm a day]. @source common practice, no source */
export const WET_FROM_MM = 1;

/** So many cool days in a row are a cold snap [d]. @source our choice, no source */
const SNAP_DAYS = 3;

/** What is against opening hives on a day; `unknown` where nobody said how it will be. */
export type DayOutlook = 'good' | 'unknown' | 'cold' | 'wet';

/** How a day is for work at the hives. */
export function dayOutlook(weather: DayWeather | undefined): DayOutlook {
  if (!weather) return 'unknown';
  requireFinite({ weather }, 'dayOutlook');
  if (weather.highestC < HONEY_RUNS_FROM_C) return 'cold';
  return weather.rainMm !== null && weather.rainMm >= WET_FROM_MM ? 'wet' : 'good';
}

/**
 * First day of a cold snap: from it on the forecast stays too cool for honey to run.
 *
 * @param forecast - any order; a day missing in it ends a snap
 * @param from - earlier days do not count
 * @returns the day since 1970-01-01, null where none is in sight
 * @source common practice, no source
 */
export function coldSnap(forecast: readonly DayWeather[], from: number): number | null {
  const cool = new Set(
    forecast.filter((weather) => dayOutlook(weather) === 'cold').map(({ day }) => day),
  );
  const starts = [...cool]
    .filter((day) => day >= from)
    .filter((day) => Array.from({ length: SNAP_DAYS }).every((_, at) => cool.has(day + at)));
  return starts.length > 0 ? Math.min(...starts) : null;
}
