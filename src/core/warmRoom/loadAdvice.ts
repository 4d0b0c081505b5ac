import { airAt, type AirState } from './airOverTime';
import { logSpikes } from './airSeries';
import { machineDuty } from './dehumidifier';
import { DOOR_EXCHANGE } from './solver/dryingCourse';
import type { DryingMoment, DryingRun } from './dryingRun';
import { FORECAST_NODES } from './forecast';
import { dryAirKg } from './room';
import type { RoomAdvice } from './roomAdvice';
import { simulateDrying } from './solver/simulateDrying';
import { openHoneyCourse } from './openHoney';

/** Duty at which a machine has some rest [1]. */
const RESTS = 0.9;

/** Shares of the load that are tried. */
const SHARES = [0.75, 0.5, 0.35, 0.25] as const;

/** Gain that is reported [%]. */
const GAIN_PERCENT = 0.1;

/** Mean humidity of the second day from now on [1]. */
function secondDay(moments: readonly DryingMoment[], fromDay: number): number {
  const some = moments.filter((moment) => moment.day >= fromDay + 1 && moment.day <= fromDay + 2);
  return (
    some.reduce((sum, dryingMoment) => sum + dryingMoment.air.relativeHumidity, 0) /
    Math.max(1, some.length)
  );
}

/**
 * How much of the present load the machine could cope with, where it never rests.
 *
 * @param run - as it is
 * @param fromDay - now [d]
 * @throws DomainError as `simulateDrying`
 */
export function enoughFor(run: DryingRun, fromDay: number): RoomAdvice[] {
  const machine = run.room?.room.dehumidifier;
  if (!machine) return [];
  for (const share of SHARES) {
    const batches = run.batches.map((batch) => ({
      ...batch,
      tareKg: batch.tareKg * share,
      parts: batch.parts.map((part) => ({ ...part, massKg: part.massKg * share })),
    }));
    const { moments } = simulateDrying({ ...run, batches, nodes: FORECAST_NODES });
    const humidity = secondDay(moments, fromDay);
    if (machineDuty(machine, humidity) < RESTS)
      return [{ kind: 'machine-enough-for', share, humidity }];
  }
  return [];
}

/**
 * How often the door stood open over the last day, by the log, and what water came in with it: half
 * of the room's air exchanged each time.
 *
 * @param nowDay - [d]
 * @source share of the air: common practice, no source
 */
export function doorAdvice(run: DryingRun, nowDay: number, outside: AirState): RoomAdvice[] {
  const { known, room } = run;
  if (!room || known?.kind !== 'series') return [];
  const doors = logSpikes(known).filter(
    (logSpike) => logSpike.like === 'door' && logSpike.day <= nowDay && logSpike.day > nowDay - 1,
  );
  if (doors.length === 0) return [];
  const inside = airAt(known, Math.min(nowDay, run.knownUntilDay ?? nowDay), {
    temperatureC: 0,
    ratio: 0,
  });
  const eachKg = DOOR_EXCHANGE * dryAirKg(room.room) * (outside.ratio - inside.ratio);
  return [{ kind: 'door', times: doors.length, waterKg: doors.length * eachKg }];
}

/**
 * What the batches of now would gain within a day with the room switched off.
 *
 * @param outsideC - mean of the air about the room [°C]
 * @param outsideHumidity - [1]
 * @throws DomainError as `standingCourse`
 */
export function reWetting(
  run: DryingRun,
  moment: DryingMoment | undefined,
  { outsideC, outsideHumidity }: { readonly outsideC: number; readonly outsideHumidity: number },
): RoomAdvice[] {
  return [...(moment?.batches ?? [])].flatMap(([batchId, now]): RoomAdvice[] => {
    const batch = run.batches.find((dryingBatch) => dryingBatch.id === batchId);
    if (!batch) return [];
    const parts = batch.parts.map((part, at) => {
      const percent = now.parts[at]?.meanPercent ?? part.moisturePercent;
      return { ...part, moisturePercent: Math.min(30, Math.max(12, percent)) };
    });
    const { meanPercent, surfacePercent } = openHoneyCourse({
      parts,
      air: { temperatureC: outsideC, relativeHumidity: outsideHumidity },
      honeyC: now.honeyC,
      airFactor: batch.airFactor,
      tareKg: batch.tareKg,
      hours: 24,
      stirredEveryHours: 0,
    });
    const [first = 0, last = 0] = [meanPercent[0], meanPercent[meanPercent.length - 1]];
    const surface = surfacePercent[surfacePercent.length - 1] ?? 0;
    return last - first < GAIN_PERCENT
      ? []
      : [{ kind: 're-wets', batchId, byPercent: last - first, surfacePercent: surface }];
  });
}
