import { norrishActivity } from '../drying/norrish';
import { humidityRatio, saturationPressureKPa, vapourPressureKPa } from '../drying/moistAir';
import type { DryingBatch } from './solver/batch';
import type { DryingMoment, DryingRun } from './dryingRun';
import { machineDuty } from './dehumidifier';

/** From where new comb softens and sags, and from where to look out [°C]. @source common practice, no source */
export const COMB_SOFTENS_C = 35;

/** Moisture below which honey is hard to spin out of the comb [%]. @source common practice, no source */
export const HARD_TO_EXTRACT_PERCENT = 15;

/** By how much a mean must rise to be reported [%]. */
const GAIN_PERCENT = 0.05;

/** Duty from which the machine never rests [1]. */
const ALWAYS = 0.97;

/** Something the keeper should know, with its numbers. */
export type RoomAdvice =
  | {
      readonly kind: 'gains-water';
      readonly batchId: string;
      /** by how much within a day [%], and what its surface comes to [%] */
      readonly byPercent: number;
      readonly surfacePercent: number;
    }
  | { readonly kind: 'comb-softens'; readonly hottestC: number; readonly day: number }
  | { readonly kind: 'machine-too-warm'; readonly hottestC: number; readonly warmestC: number }
  | {
      readonly kind: 'cold-boxes';
      readonly batchId: string;
      /** of honey and room air [kPa]: the air's is higher */
      readonly honeyKPa: number;
      readonly airKPa: number;
    }
  | {
      readonly kind: 'hard-to-extract';
      readonly batchId: string;
      readonly percent: number;
      readonly day: number;
    }
  | {
      readonly kind: 'machine-flat-out';
      /** where the humidity hangs, and what the machine's switch asks for [1] */
      readonly humidity: number;
      readonly wanted: number;
    }
  | {
      /** of the present load, the share at which the machine gets the air dry [1], and how dry then [1] */
      readonly kind: 'machine-enough-for';
      readonly share: number;
      readonly humidity: number;
    }
  | {
      /** openings of the door seen in the log of the last day, and the water that came in with them [kg] */
      readonly kind: 'door';
      readonly times: number;
      readonly waterKg: number;
    }
  | {
      readonly kind: 're-wets';
      readonly batchId: string;
      /** within a day in the air outside [%] */
      readonly byPercent: number;
      readonly surfacePercent: number;
    };

function coldBoxes(run: DryingRun, moments: readonly DryingMoment[]): RoomAdvice[] {
  return run.batches.flatMap((batch: DryingBatch): RoomAdvice[] => {
    const before = moments.filter((dryingMoment) => dryingMoment.day <= batch.inDay);
    const moment = before[before.length - 1] ?? moments[0];
    const wettest = Math.max(...batch.parts.map((part) => part.moisturePercent));
    if (!moment) return [];
    const { temperatureC, relativeHumidity } = moment.air;
    const airKPa = vapourPressureKPa(humidityRatio(temperatureC, relativeHumidity));
    const honeyKPa = norrishActivity(wettest) * saturationPressureKPa(batch.temperatureC);
    return airKPa > honeyKPa ? [{ kind: 'cold-boxes', batchId: batch.id, honeyKPa, airKPa }] : [];
  });
}

/** Batches whose mean rises within a day from now on. */
function gaining(moments: readonly DryingMoment[], fromDay: number): RoomAdvice[] {
  const from = moments.find((moment) => moment.day >= fromDay);
  const later = moments.find((moment) => moment.day >= fromDay + 1) ?? moments[moments.length - 1];
  if (!from || !later) return [];
  return [...from.batches].flatMap(([batchId, now]): RoomAdvice[] => {
    const then = later.batches.get(batchId);
    const byPercent = then ? then.meanPercent - now.meanPercent : 0;
    if (!then || byPercent < GAIN_PERCENT) return [];
    const surfacePercent = Math.max(...then.parts.map((part) => part.surfacePercent));
    return [{ kind: 'gains-water', batchId, byPercent, surfacePercent }];
  });
}

function tooDry(moments: readonly DryingMoment[]): RoomAdvice[] {
  const last = moments[moments.length - 1];
  return [...(last?.batches ?? [])].flatMap(([batchId, { meanPercent }]): RoomAdvice[] => {
    if (meanPercent >= HARD_TO_EXTRACT_PERCENT) return [];
    const first = moments.find(
      (moment) => (moment.batches.get(batchId)?.meanPercent ?? 99) < HARD_TO_EXTRACT_PERCENT,
    );
    return [
      { kind: 'hard-to-extract', batchId, percent: meanPercent, day: first?.day ?? last!.day },
    ];
  });
}

/** The machine runs all the time over the second half of the first two days and does not get the air dry. */
function flatOut(run: DryingRun, moments: readonly DryingMoment[], fromDay: number): RoomAdvice[] {
  const machine = run.room?.room.dehumidifier;
  if (!machine) return [];
  const some = moments.filter((moment) => moment.day >= fromDay + 1 && moment.day <= fromDay + 2);
  if (some.length === 0) return [];
  const humidity =
    some.reduce((sum, dryingMoment) => sum + dryingMoment.air.relativeHumidity, 0) / some.length;
  const always = some.every(
    (dryingMoment) => machineDuty(machine, dryingMoment.air.relativeHumidity) > ALWAYS,
  );
  return always ? [{ kind: 'machine-flat-out', humidity, wanted: machine.stopsAtHumidity }] : [];
}

/**
 * What the keeper should know of a run, with its numbers.
 *
 * @param moments - of the most likely course, from the start to the end of the run
 * @param fromDay - now; what lies before it is past
 * @source limits: common practice, no source; vapour pressures as in `simulateDrying`
 */
export function roomAdvice(
  run: DryingRun,
  moments: readonly DryingMoment[],
  fromDay: number,
): RoomAdvice[] {
  const ahead = moments.filter((moment) => moment.day >= fromDay);
  const hottest = ahead.reduce<DryingMoment | null>(
    (most, dryingMoment) =>
      dryingMoment.air.temperatureC > (most?.air.temperatureC ?? -99) ? dryingMoment : most,
    null,
  );
  const hottestC = hottest?.air.temperatureC ?? 0;
  const warmestC = run.room?.room.dehumidifier?.warmestC ?? Infinity;
  return [
    ...(hottest && hottestC > COMB_SOFTENS_C
      ? [{ kind: 'comb-softens', hottestC, day: hottest.day } as const]
      : []),
    ...(hottestC > warmestC ? [{ kind: 'machine-too-warm', hottestC, warmestC } as const] : []),
    ...gaining(moments, fromDay),
    ...coldBoxes(run, moments),
    ...tooDry(ahead),
    ...flatOut(run, moments, fromDay),
  ];
}
