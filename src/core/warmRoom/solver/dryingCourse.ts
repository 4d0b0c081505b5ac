import { DomainError } from '../../errors';
import { humidityRatio } from '../../drying/moistAir';
import type { Layers } from '../../drying/layers';
import type { BatchSlot, DryingBatch, HoneyPart } from './batch';
import { airAt, asAir, type AirState } from '../airOverTime';
import { batchMoment, meanRatio } from './dryingMoment';
import type { DryingMoment, DryingRun } from '../dryingRun';
import { noTotals, type RoomTotals } from './dryingStep';
import { AIR_RATIO, AIR_TEMPERATURE, type Surroundings } from './dryingSystem';
import { INTERIOR_FACTOR, dryAirKg } from '../room';

/** Share of the room's air that is exchanged when boxes are carried in or out [1]. @source common practice, no source */
export const DOOR_EXCHANGE = 0.5;

/** A run on its way. */
export interface Course {
  readonly run: DryingRun;
  readonly end: number;
  /** water ratios and temperature of batches that were in, by id */
  readonly kept: Map<string, { honeyC: number; water: Float64Array }>;
  /** of the parts that were in so far */
  readonly layers: Map<HoneyPart, Layers>;
  readonly air: AirState;
  readonly totals: RoomTotals;
  readonly moments: DryingMoment[];
  /** water that moved either way [kg], and that of it which the room's air did not keep [kg] */
  moved: number;
  unaccounted: number;
  steps: number;
  reported: number;
}

/** A run before its first stretch. */
export function startOf(run: DryingRun): Course {
  const end = run.reportDays[run.reportDays.length - 1];
  if (end === undefined) {
    throw new DomainError({
      code: 'empty',
      fn: 'simulateDrying',
      param: 'reportDays',
      value: 0,
      unit: '1',
    });
  }
  const air: AirState = { temperatureC: 0, ratio: 0 };
  if (run.known && (run.knownFromDay ?? 0) <= 0) airAt(run.known, 0, air);
  else if (run.startAir) {
    air.temperatureC = run.startAir.temperatureC;
    air.ratio = humidityRatio(run.startAir.temperatureC, run.startAir.relativeHumidity);
  } else if (run.room) {
    airAt(run.room.outside, 0, air);
    air.temperatureC = Math.max(air.temperatureC, run.room.room.setPointC);
  }
  return {
    run,
    end,
    kept: new Map(),
    layers: new Map(),
    air,
    totals: noTotals(),
    moments: [],
    moved: 0,
    unaccounted: 0,
    steps: 0,
    reported: 0,
  };
}

/** Whether a batch is in during the stretch that begins so. */
export const isIn = ({ inDay, outDay }: DryingBatch, from: number): boolean =>
  inDay <= from && (outDay === null || outDay > from);

/** The air about the combs during the stretch that begins so. */
export function surroundingsAt({ run }: Course, from: number): Surroundings {
  const isKnown = from >= (run.knownFromDay ?? 0) && from < (run.knownUntilDay ?? Infinity);
  if (run.known && (!run.room || isKnown)) {
    return { kind: 'known', air: run.known };
  }
  if (!run.room) throw new Error('a run needs a room or known air');
  return { kind: 'room', ...run.room };
}

/** Known air begins where it was measured, whatever the balance said. */
export function startFromKnownAir({ air }: Course, surroundings: Surroundings, day: number): void {
  if (surroundings.kind === 'known') airAt(surroundings.air, day, air);
}

/** The state of air and batches at the start of a stretch. */
export function loadState({ air, kept }: Course, slots: readonly BatchSlot[], length: number) {
  const state = new Float64Array(length);
  state[AIR_TEMPERATURE] = air.temperatureC;
  state[AIR_RATIO] = air.ratio;
  for (const slot of slots) {
    const before = kept.get(slot.batch.id);
    state[slot.temperatureAt] = before?.honeyC ?? slot.batch.temperatureC;
    let read = 0;
    for (const { offset, nodes, startRatio } of slot.parts) {
      for (let at = 0; at < nodes; at += 1, read += 1) {
        state[offset + at] = before?.water[read] ?? startRatio;
      }
    }
  }
  return state;
}

/** Mixes what is stirred through at this time. */
export function stir(slots: readonly BatchSlot[], state: Float64Array, day: number): void {
  for (const { batch, parts } of slots) {
    const every = batch.stirredEveryDays;
    const times = every ? (day - batch.inDay) / every : 0;
    if (times < 0.5 || Math.abs(times - Math.round(times)) > 1e-6) continue;
    for (const part of parts) {
      state.fill(meanRatio(part, state), part.offset, part.offset + part.nodes);
    }
  }
}

/** Boxes carried in or out let air from outside in. */
export function openDoor(course: Course, day: number): void {
  const { run, air, totals, end } = course;
  const moves = run.batches.some(({ inDay, outDay }) => inDay === day || outDay === day);
  if (!run.room || !moves || day <= 0 || day >= end) return;
  const outside = airAt(run.room.outside, day, { temperatureC: 0, ratio: 0 });
  const gained = DOOR_EXCHANGE * (outside.ratio - air.ratio);
  air.ratio += gained;
  air.temperatureC += (DOOR_EXCHANGE / INTERIOR_FACTOR) * (outside.temperatureC - air.temperatureC);
  course.unaccounted -= gained * dryAirKg(run.room.room);
  totals.leaked += gained * dryAirKg(run.room.room);
}

/** Adds what there is to tell of a time. */
export function tell(
  course: Course,
  slots: readonly BatchSlot[],
  state: Float64Array,
  { day, totals }: { readonly day: number; readonly totals: RoomTotals },
): void {
  const air = { temperatureC: state[AIR_TEMPERATURE]!, ratio: state[AIR_RATIO]! };
  const batches = new Map(slots.map((slot) => [slot.batch.id, batchMoment(slot, state)]));
  course.moments.push({ day, air: asAir(air), batches, totals });
  course.reported += 1;
}
