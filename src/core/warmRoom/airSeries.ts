import { requireFinite } from '../errors';
import type { AirSeries } from './airOverTime';

/** A time without entries. */
export interface LogGap {
  readonly fromDay: number;
  readonly toDay: number;
}

/** An entry that stands out of its neighbours: a door, or a logger that slipped. */
export interface LogSpike {
  readonly day: number;
  readonly temperatureC: number;
  readonly relativeHumidity: number;
  /** warm air fell and came back: somebody stood in the door */
  readonly like: 'door' | 'slip';
}

/** How many usual intervals without an entry make a gap. */
const GAP_INTERVALS = 3;

/** From where an entry stands out of the median of those about it: [K] and [1]. @source our choice */
const OUT_C = 2.5;
const OUT_HUMIDITY = 0.08;

/** Beyond this no door explains it [K] and [1]. @source our choice */
const SLIP_C = 15;
const SLIP_HUMIDITY = 0.45;

/** Entries on either side that an entry is compared with. */
const ABOUT = 4;

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  const [low = 0, high = 0] = [
    sorted[sorted.length % 2 === 0 ? middle - 1 : middle],
    sorted[middle],
  ];
  return (low + high) / 2;
}

/** Usual time between entries [d]; 0 for a single one. */
function usualInterval({ days }: AirSeries): number {
  return days.length < 2 ? 0 : median(days.slice(1).map((day, at) => day - (days[at] ?? 0)));
}

/** Times longer than three usual intervals without an entry. */
export function logGaps(series: AirSeries): LogGap[] {
  const longest = GAP_INTERVALS * usualInterval(series);
  return series.days.slice(1).flatMap((toDay, at) => {
    const fromDay = series.days[at] ?? 0;
    return toDay - fromDay > longest * (1 + 1e-9) ? [{ fromDay, toDay }] : [];
  });
}

/**
 * Entries that stand out of those about them.
 *
 * @source running median of nine entries; thresholds: our choice
 */
export function logSpikes({ days, temperatureC, relativeHumidity }: AirSeries): LogSpike[] {
  requireFinite({ days, temperatureC, relativeHumidity }, 'logSpikes');
  return days.flatMap((day, at): LogSpike[] => {
    const about = (values: readonly number[]): number =>
      median(values.slice(Math.max(0, at - ABOUT), at + ABOUT + 1));
    const [here, humidity] = [temperatureC[at] ?? 0, relativeHumidity[at] ?? 0];
    const warmer = here - about(temperatureC);
    const damper = humidity - about(relativeHumidity);
    if (Math.abs(warmer) < OUT_C && Math.abs(damper) < OUT_HUMIDITY) return [];
    const slipped = Math.abs(warmer) > SLIP_C || Math.abs(damper) > SLIP_HUMIDITY || warmer > OUT_C;
    const like = slipped ? 'slip' : 'door';
    return [{ day, temperatureC: here, relativeHumidity: humidity, like }];
  });
}

/** The series without entries that are slips of the logger; doors are real air. */
export function withoutSlips(series: AirSeries): AirSeries {
  requireFinite({ series }, 'withoutSlips');
  const slips = new Set(
    logSpikes(series)
      .filter((logSpike) => logSpike.like === 'slip')
      .map((logSpike) => logSpike.day),
  );
  const keep = (_: number, at: number): boolean => !slips.has(series.days[at] ?? NaN);
  return {
    days: series.days.filter(keep),
    temperatureC: series.temperatureC.filter(keep),
    relativeHumidity: series.relativeHumidity.filter(keep),
  };
}
