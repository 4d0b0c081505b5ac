import { requireInRange } from '../errors';
import type { AirOverTime } from './airOverTime';
import type { DryingBatch } from './solver/batch';
import type { Dehumidifier } from './dehumidifier';
import type { DryingRun } from './dryingRun';
import type { WarmRoom } from './room';

/** Fields of something with what they may be. */
type Ranges<T> = Partial<Record<keyof T, readonly [low: number, high: number, unit: string]>>;

const AIR_C = [-50, 70, '°C'] as const;
const SHARE = [0, 1, '1'] as const;

/** Rain lies so far from the start of a run, either way [d]. */
const LONGEST_DAYS = 1e5;

const ROOM: Ranges<WarmRoom> = {
  volumeM3: [0.5, 20_000, 'm³'],
  heaterW: [0, 1e6, 'W'],
  setPointC: [-20, 60, '°C'],
  fanW: [0, 1e5, 'W'],
  airChangesPerHour: [0, 100, '1/h'],
  wallLossWPerK: [0, 1e5, 'W/K'],
};

const MACHINE: Ranges<Dehumidifier> = {
  ratedLPerDay: [0, 1e4, 'L/d'],
  ratedAtC: [0, 50, '°C'],
  ratedAtHumidity: [0.05, 1, '1'],
  powerW: [0, 1e5, 'W'],
  stopsAtHumidity: SHARE,
  warmestC: [0, 80, '°C'],
};

const BATCH: Ranges<DryingBatch> = {
  inDay: [-1000, 1e5, 'd'],
  outDay: [-1000, 1e5, 'd'],
  tareKg: [0, 1e7, 'kg'],
  stirredEveryDays: [0.01, 1000, 'd'],
};

const fn = 'simulateDrying';

function requireFields<T extends object>(of: T, ranges: Ranges<T>): void {
  for (const param in ranges) {
    const range = ranges[param];
    const value = of[param];
    if (!range || typeof value !== 'number') continue;
    requireInRange(value, [range[0], range[1]], { fn, param, unit: range[2] });
  }
}

function requireAir(air: AirOverTime): void {
  const check = (value: number, range: readonly [number, number, string], param: string): number =>
    requireInRange(value, [range[0], range[1]], { fn, param, unit: range[2] });
  const wet = air.kind === 'constant' ? [] : (air.wet ?? []);
  for (const { fromDay, toDay } of wet) {
    check(fromDay, [-LONGEST_DAYS, LONGEST_DAYS, 'd'], 'wet');
    check(toDay, [fromDay, LONGEST_DAYS, 'd'], 'wet');
  }
  if (air.kind === 'daily') {
    check(air.meanC, AIR_C, 'meanC');
    check(air.swingC, [0, 60, 'K'], 'swingC');
    check(air.relativeHumidity, SHARE, 'relativeHumidity');
    return;
  }
  const [warmth, humidity] =
    air.kind === 'constant'
      ? [[air.temperatureC], [air.relativeHumidity]]
      : [air.temperatureC, air.relativeHumidity];
  check(warmth.length, [1, 1e7, '1'], 'temperatureC');
  check(humidity.length, [warmth.length, warmth.length, '1'], 'relativeHumidity');
  for (const value of warmth) check(value, AIR_C, 'temperatureC');
  for (const value of humidity) check(value, SHARE, 'relativeHumidity');
}

/**
 * Checks that a run can be computed at all: what no room, machine or air can be is refused by name.
 *
 * @throws DomainError `out-of-range`
 */
export function requireRun(run: DryingRun): void {
  if (run.room) {
    requireFields(run.room.room, ROOM);
    if (run.room.room.dehumidifier) requireFields(run.room.room.dehumidifier, MACHINE);
    requireAir(run.room.outside);
  }
  if (run.known) requireAir(run.known);
  if (run.startAir) requireAir({ kind: 'constant', ...run.startAir });
  for (const batch of run.batches) requireFields(batch, BATCH);
  const place = { fn, param: 'reportDays', unit: 'd' };
  run.reportDays.forEach((day, at) =>
    requireInRange(day, [run.reportDays[at - 1] ?? 0, 1e4], place),
  );
  requireInRange(run.finer ?? 1, [0.01, 1e4], { fn, param: 'finer', unit: '1' });
  const { rates } = run;
  if (!rates) return;
  requireInRange(rates.diffusivityM2PerS, [1e-14, 1e-7], { fn, param: 'rates', unit: 'm²/s' });
  const perKPa = { fn, param: 'rates', unit: 'kg/(m²·d·kPa)' };
  requireInRange(rates.filmKgPerM2DayKPa, [1e-12, 1e5], perKPa);
  requireInRange(rates.cappingKgPerM2DayKPa, [1e-12, 1e5], perKPa);
  requireInRange(rates.diffusionPerRatio ?? 0, [0, 100], { fn, param: 'rates', unit: '1' });
}
