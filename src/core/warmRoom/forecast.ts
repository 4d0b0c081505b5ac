import { requireFinite, requireInRange } from '../errors';
import { beliefDraw, runUnder, triangleOf, type DryingBelief } from './dryingBelief';
import type { DryingRun } from './dryingRun';
import { simulateDrying } from './solver/simulateDrying';

/** What is to be forecast. */
export interface ForecastTask {
  readonly run: DryingRun;
  readonly belief: DryingBelief;
  /** moisture at which each batch is dry enough, in the order of the batches [%] */
  readonly targets: readonly number[];
}

/** One possible course. */
export interface ForecastDraw {
  /** mean moisture of each batch at each time reported; NaN where it is not in [%] */
  readonly percent: readonly Float64Array[];
  /** when each batch is dry enough [d]; Infinity where not within the run */
  readonly readyDay: readonly number[];
  /** relative humidity of the air at each time reported [1] */
  readonly humidity: Float64Array;
}

/** Layers of a comb that forecasts need: their error is far below the doubt of the rates. */
export const FORECAST_NODES = 8;

/** First time at which a course is at or under a target, straight between the times reported. */
export function readyDayOf(
  percent: ArrayLike<number>,
  days: readonly number[],
  target: number,
): number {
  for (let at = 0; at < percent.length; at += 1) {
    const here = percent[at]!;
    if (!(here <= target)) continue;
    const before = at > 0 ? percent[at - 1]! : NaN;
    if (!(before > target)) return days[at]!;
    const part = (before - target) / (before - here);
    return days[at - 1]! + part * (days[at]! - days[at - 1]!);
  }
  return Infinity;
}

/** A course of every batch if nothing is as uncertain as it is: one run at the mean of the belief. */
function courseOf(task: ForecastTask, run: DryingRun): ForecastDraw {
  const { moments } = simulateDrying({ ...run, nodes: run.nodes ?? FORECAST_NODES });
  const percent = run.batches.map(({ id }) =>
    Float64Array.from(moments, (moment) => moment.batches.get(id)?.meanPercent ?? NaN),
  );
  return {
    percent,
    readyDay: percent.map((own, at) => readyDayOf(own, run.reportDays, task.targets[at] ?? 0)),
    humidity: Float64Array.from(moments, (moment) => moment.air.relativeHumidity),
  };
}

/**
 * Draws of a forecast by their number, so that workers can share them out.
 *
 * @throws DomainError as `simulateDrying`
 */
export function forecaster(task: ForecastTask): (number: number) => ForecastDraw {
  requireFinite({ task }, 'forecaster');
  const triangle = triangleOf(task.belief);
  return (number) => courseOf(task, runUnder(task.run, beliefDraw(task.belief, triangle, number)));
}

/** The course that is most likely: the mean of the belief, one run. */
export function likelyCourse(task: ForecastTask): ForecastDraw {
  return courseOf(task, runUnder(task.run, { values: task.belief.mean }));
}

/** When a batch is dry enough, as far as that can be said. */
export interface ReadyForecast {
  /** share of the courses that get there within the run [1] */
  readonly within: number;
  /** 5, 50 and 95 % of all courses are ready by then [d]; Infinity beyond the run */
  readonly earlyDay: number;
  readonly likelyDay: number;
  readonly lateDay: number;
}

/** 5, 50 and 95 % of all courses at each time. */
export interface Band {
  readonly low: readonly number[];
  readonly middle: readonly number[];
  readonly high: readonly number[];
}

const [LOW, MIDDLE, HIGH] = [0.05, 0.5, 0.95];

/** Quantile of ascending values, the nearest one. */
function quantile(ascending: Float64Array, probability: number): number {
  const at = Math.min(ascending.length - 1, Math.floor(probability * ascending.length));
  return ascending[at] ?? NaN;
}

/** 5, 50 and 95 % of all courses at one time. */
export interface Spread90 {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
}

function spreadOf(values: Float64Array): Spread90 {
  const sorted = values.sort();
  return {
    low: quantile(sorted, LOW),
    middle: quantile(sorted, MIDDLE),
    high: quantile(sorted, HIGH),
  };
}

function bandOver(times: number, at: (time: number) => Spread90): Band {
  const all = Array.from({ length: times }, (_, time) => at(time));
  return {
    low: all.map((spread90) => spread90.low),
    middle: all.map((spread90) => spread90.middle),
    high: all.map((spread90) => spread90.high),
  };
}

/**
 * Moisture of one batch over the courses at one of the times reported [%]; NaN where it is not in.
 *
 * @param at - place of the time among those reported
 */
export function moistureAt(draws: readonly ForecastDraw[], batch: number, at: number): Spread90 {
  return spreadOf(Float64Array.from(draws, (draw) => draw.percent[batch]?.[at] ?? NaN));
}

/** Band of one batch's moisture over the courses at every time reported [%]. */
export function moistureBand(draws: readonly ForecastDraw[], batch: number): Band {
  const times = draws[0]?.percent[batch]?.length ?? 0;
  return bandOver(times, (at) => moistureAt(draws, batch, at));
}

/** Band of the humidity of the air over the courses at every time reported [1]. */
export function humidityBand(draws: readonly ForecastDraw[]): Band {
  const times = draws[0]?.humidity.length ?? 0;
  return bandOver(times, (at) =>
    spreadOf(Float64Array.from(draws, (draw) => draw.humidity[at] ?? NaN)),
  );
}

/** When one batch is dry enough over the courses, at least one. */
export function readyForecast(draws: readonly ForecastDraw[], batch: number): ReadyForecast {
  requireFinite({ draws, batch }, 'readyForecast');
  requireInRange(draws.length, [1, 1e6], { fn: 'readyForecast', param: 'draws', unit: '1' });
  const days = Float64Array.from(draws, (draw) => draw.readyDay[batch] ?? Infinity).sort();
  return {
    within: days.filter((day) => Number.isFinite(day)).length / draws.length,
    earlyDay: quantile(days, LOW),
    likelyDay: quantile(days, MIDDLE),
    lateDay: quantile(days, HIGH),
  };
}

/**
 * How likely a batch is dry enough by a day.
 *
 * @param day - on the clock of the courses [d]
 * @returns share of the courses, 0..1
 * @throws DomainError `out-of-range` without courses
 */
export function readyByDay(draws: readonly ForecastDraw[], batch: number, day: number): number {
  requireFinite({ draws, batch, day }, 'readyByDay');
  requireInRange(draws.length, [1, 1e6], { fn: 'readyByDay', param: 'draws', unit: '1' });
  return draws.filter((draw) => (draw.readyDay[batch] ?? Infinity) <= day).length / draws.length;
}
