import { requireInRange, requireFinite } from '../errors';
import { honeyDensityKgPerL } from '../mass/density';
import type { Air } from './airOverTime';
import type { HoneyPart } from './solver/batch';
import { simulateDrying } from './solver/simulateDrying';

/** Honey that stands in air that nobody conditions, or in a dry room: combs, pails, trays. */
export interface OpenHoneyTask {
  readonly parts: readonly HoneyPart[];
  readonly air: Air;
  /** of the honey at first [°C] */
  readonly honeyC: number;
  /** film and heat exchange, relative to gently moving air [1] */
  readonly airFactor: number;
  /** wood, wax and metal that warm with it [kg] */
  readonly tareKg: number;
  readonly hours: number;
  /** 0: never */
  readonly stirredEveryHours: number;
}

/** How it goes, hour by hour at most. */
export interface OpenHoneyCourse {
  readonly hours: readonly number[];
  readonly meanPercent: readonly number[];
  readonly surfacePercent: readonly number[];
  readonly honeyC: readonly number[];
  /** taken up, negative where it was lost [kg] */
  readonly gainedKg: number;
}

const HOURS_PER_DAY = 24;
const MOST_TOLD = 48;

/**
 * Water that standing honey gains or loses.
 *
 * @param task - 0.5..720 hours
 * @throws DomainError `out-of-range`, and as `simulateDrying`
 * @source as `simulateDrying`
 */
export function openHoneyCourse(task: OpenHoneyTask): OpenHoneyCourse {
  requireFinite({ task }, 'standingCourse');
  const { parts, air, honeyC, airFactor, tareKg, stirredEveryHours } = task;
  const place = { fn: 'standingCourse', param: 'hours', unit: 'h' };
  const hours = requireInRange(task.hours, [0.5, 720], place);
  requireInRange(stirredEveryHours, [0, 1000], {
    fn: 'standingCourse',
    param: 'stirredEveryHours',
    unit: 'h',
  });
  const stirred =
    stirredEveryHours > 0 ? { stirredEveryDays: stirredEveryHours / HOURS_PER_DAY } : {};
  const batch = {
    id: 'standing',
    parts,
    inDay: 0,
    outDay: null,
    temperatureC: honeyC,
    airFactor,
    tareKg,
    ...stirred,
  };
  const count = Math.min(MOST_TOLD, Math.ceil(hours));
  const reportDays = Array.from(
    { length: count + 1 },
    (_, at) => (at * hours) / count / HOURS_PER_DAY,
  );
  const { moments } = simulateDrying({
    room: null,
    known: { kind: 'constant', ...air },
    batches: [batch],
    reportDays,
  });
  const moisture = moments.flatMap((moment) => moment.batches.get('standing') ?? []);
  return {
    hours: reportDays.map((reportDay) => reportDay * HOURS_PER_DAY),
    meanPercent: moisture.map((batchMoment) => batchMoment.meanPercent),
    surfacePercent: moisture.map((batchMoment) =>
      Math.max(...batchMoment.parts.map((part) => part.surfacePercent)),
    ),
    honeyC: moisture.map((batchMoment) => batchMoment.honeyC),
    gainedKg: (moisture[moisture.length - 1]?.waterKg ?? 0) - (moisture[0]?.waterKg ?? 0),
  };
}

/**
 * Depth of honey in a vessel or tray.
 *
 * @param massKg - [kg], 0.01..10000
 * @param areaDm2 - of the surface [dm²], 0.1..10000
 * @param moisturePercent - [%], 12..30
 * @returns [mm]
 * @throws DomainError `out-of-range`
 * @example honeyDepthMm(10, 50, 17) // => 14.08 ± 0.02
 */
export function honeyDepthMm(massKg: number, areaDm2: number, moisturePercent: number): number {
  const fn = 'honeyDepthMm';
  const mass = requireInRange(massKg, [0.01, 10_000], { fn, param: 'massKg', unit: 'kg' });
  const area = requireInRange(areaDm2, [0.1, 10_000], { fn, param: 'areaDm2', unit: 'dm²' });
  // One litre over one square decimetre stands one decimetre deep.
  return (mass / honeyDensityKgPerL(moisturePercent) / area) * 100;
}
