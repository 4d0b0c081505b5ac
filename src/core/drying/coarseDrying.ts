import { requireInRange } from '../errors';
import { saturationPressureKPa } from './moistAir';
import { norrishActivity } from './norrish';

/** Air of a drying room. */
export interface RoomAir {
  readonly temperatureC: number;
  /** [1], 0..1 */
  readonly relativeHumidity: number;
}

/** An ordinary warm room with a dehumidifier. @source common practice, no source */
export const ORDINARY_ROOM: RoomAir = { temperatureC: 33, relativeHumidity: 0.3 };

/** Water lost per kg of initial honey, day and kPa from open comb [1/(d·kPa)]. @source fitted to practice, no source */
const OPEN_RATE = 0.01;

/** The rate under cappings, as a share of the open one [1]. @source fitted to practice, no source */
const CAPPED_SHARE_OF_RATE = 0.1;

/** Moisture from which drying slows, and at which it stops [%]. @source fitted to practice, no source */
const SLOWS_FROM_PERCENT = 17;
const STOPS_AT_PERCENT = 14;

const STEP_DAYS = 0.02;
const MOST_DAYS = 30;

function slowing(moisturePercent: number): number {
  const left = (moisturePercent - STOPS_AT_PERCENT) / (SLOWS_FROM_PERCENT - STOPS_AT_PERCENT);
  return Math.min(1, Math.max(0, left));
}

/** What is dried, and down to where. */
export interface DryingTask {
  /** mean moisture at the start [%], 14..30 */
  readonly fromPercent: number;
  /** mean moisture wanted [%], 14..30 */
  readonly toPercent: number;
  /** share of the honey that is under cappings [1] */
  readonly cappedShare: number;
}

/** How long drying takes, or that it does not get there. */
export type CoarseDrying =
  | { readonly status: 'reached'; readonly days: number }
  | { readonly status: 'not-within-a-month' };

/**
 * Days of drying in the comb, by a lumped rate: a coarse instant model to compare plans with, not a
 * forecast. Open and capped honey share one moisture; temperatures of air and honey are the same.
 *
 * @param task - what is dried
 * @param room - air, 0..80 °C, 0..1
 * @throws DomainError `out-of-range`
 * @accuracy 0.9 of a point of moisture over the first four days against diffusion in the cell
 * @source fitted to practice, no source
 */
export function coarseDrying(task: DryingTask, room: RoomAir = ORDINARY_ROOM): CoarseDrying {
  const fn = 'coarseDrying';
  const from = requireInRange(task.fromPercent, [5, 40], { fn, param: 'fromPercent', unit: '%' });
  const to = requireInRange(task.toPercent, [5, 40], { fn, param: 'toPercent', unit: '%' });
  const capped = requireInRange(task.cappedShare, [0, 1], { fn, param: 'cappedShare', unit: '1' });
  requireInRange(room.relativeHumidity, [0, 1], { fn, param: 'relativeHumidity', unit: '1' });
  const pressure = saturationPressureKPa(room.temperatureC);
  const exposure = 1 - capped * (1 - CAPPED_SHARE_OF_RATE);
  const solids = 1 - from / 100;
  let water = from / 100;
  for (let days = 0; days <= MOST_DAYS; days += STEP_DAYS) {
    const moisture = (100 * water) / (water + solids);
    if (moisture <= to) return { status: 'reached', days };
    const drive = (norrishActivity(moisture) - room.relativeHumidity) * pressure;
    water -= OPEN_RATE * exposure * slowing(moisture) * Math.max(0, drive) * STEP_DAYS;
  }
  return { status: 'not-within-a-month' };
}
