import type { DryingBatch, HoneyPart } from '../warmRoom/solver/batch';
import type { DryingRun } from '../warmRoom/dryingRun';
import type { Dehumidifier } from '../warmRoom/dehumidifier';
import type { WarmRoom } from '../warmRoom/room';

export const MACHINE: Dehumidifier = {
  kind: 'refrigerant',
  ratedLPerDay: 20,
  ratedAtC: 27,
  ratedAtHumidity: 0.6,
  powerW: 400,
  stopsAtHumidity: 0.3,
  warmestC: 35,
};

export const ROOM: WarmRoom = {
  volumeM3: 40,
  heaterW: 2000,
  setPointC: 33,
  dehumidifier: MACHINE,
  fanW: 60,
  airChangesPerHour: 0.2,
  wallLossWPerK: 40,
};

export const OUTSIDE = {
  kind: 'daily',
  meanC: 18,
  swingC: 8,
  relativeHumidity: 0.8,
} as const;

export function batch(parts: readonly HoneyPart[], change: Partial<DryingBatch> = {}): DryingBatch {
  const honeyKg = parts.reduce((sum, part) => sum + part.massKg, 0);
  return {
    id: 'a',
    parts,
    inDay: 0,
    outDay: null,
    temperatureC: 20,
    airFactor: 0.8,
    tareKg: honeyKg / 2,
    ...change,
  };
}

/** Boxes of 15 kg, a third open at 20 %, the rest capped at 17.5 %. */
export function boxes(count: number, change: Partial<DryingBatch> = {}): DryingBatch {
  const open: HoneyPart = { surface: 'open', massKg: 5 * count, moisturePercent: 20 };
  const capped: HoneyPart = { surface: 'capped', massKg: 10 * count, moisturePercent: 17.5 };
  return batch([open, capped], change);
}

/** Honey as warm as the air about it, which never changes. */
export function inSteadyAir(
  part: HoneyPart,
  [temperatureC, relativeHumidity]: readonly [number, number],
  reportDays: readonly number[],
): DryingRun {
  return {
    room: null,
    known: { kind: 'constant', temperatureC, relativeHumidity },
    batches: [batch([part], { temperatureC, airFactor: 1, tareKg: 1e6 })],
    reportDays,
  };
}

export function inRoom(
  batches: readonly DryingBatch[],
  change: Partial<DryingRun> = {},
): DryingRun {
  return {
    room: { room: ROOM, outside: OUTSIDE },
    known: null,
    batches,
    reportDays: Array.from({ length: 57 }, (_, at) => at / 8),
    ...change,
  };
}
