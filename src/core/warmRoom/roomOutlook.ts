import { requireFinite } from '../errors';
import { heatSpent, type HeatSpent } from '../heat/heatDamage';
import { airAt, asAir, type AirState } from './airOverTime';
import { factorBelief, priorBelief, runUnder, type DryingBelief } from './dryingBelief';
import type { DryingMoment, DryingRun } from './dryingRun';
import { FORECAST_NODES } from './forecast';
import { learnDrying, type DryingObservation } from './learnDrying';
import { doorAdvice, enoughFor, reWetting } from './loadAdvice';
import { roomAdvice, type RoomAdvice } from './roomAdvice';
import { simulateDrying } from './solver/simulateDrying';

/** Batches that shared a room, with what was measured of them. */
export interface DryingEpisode {
  readonly run: DryingRun;
  /** standard uncertainty of the start moisture of each batch [%] */
  readonly startSpreads: readonly number[];
  readonly observations: readonly DryingObservation[];
}

/** What a room has taught so far. */
export interface LearnedRoom {
  /** of the present batches, start moistures included */
  readonly belief: DryingBelief;
  /** measurements it rests on, and how many of them are of earlier batches */
  readonly measurements: number;
  readonly earlier: number;
  readonly status: 'converged' | 'max-iterations';
}

/**
 * What is believed of the present batches: earlier ones taught the factors of the room, one stretch
 * after the other, and the present measurements come last.
 *
 * @throws DomainError as `simulateDrying`
 * @source as `learnDrying`
 */
export function learnRoom(past: readonly DryingEpisode[], present: DryingEpisode): LearnedRoom {
  requireFinite({ past, present }, 'learnRoom');
  let factors: DryingBelief | undefined;
  let earlier = 0;
  for (const { run, startSpreads, observations } of past) {
    if (observations.length === 0) continue;
    const learned = learnDrying(run, priorBelief(startSpreads, factors), observations);
    factors = factorBelief(learned.belief);
    earlier += observations.length;
  }
  const { run, startSpreads, observations } = present;
  const { belief, status } = learnDrying(run, priorBelief(startSpreads, factors), observations);
  return { belief, status, earlier, measurements: earlier + observations.length };
}

/** A batch over time on the most likely course. */
export interface BatchOutlook {
  /** at each time; NaN while it is not in */
  readonly meanPercent: readonly number[];
  readonly surfacePercent: readonly number[];
  readonly honeyC: readonly number[];
  /** what the warmth costs until now, and until the end of the run */
  readonly heatNow: HeatSpent;
  readonly heatEnd: HeatSpent;
}

/** The most likely course of a room, with what to know of it. */
export interface RoomOutlook {
  readonly days: readonly number[];
  readonly temperatureC: readonly number[];
  /** [1] */
  readonly relativeHumidity: readonly number[];
  readonly batches: readonly BatchOutlook[];
  readonly advice: readonly RoomAdvice[];
  /** water that the machine takes from now on [kg/d], mean of the first day */
  readonly removedKgPerDay: number;
  /** electricity from now on, mean of the first two days, fans included [kWh/d] */
  readonly kWhPerDay: number;
}

const J_PER_KWH = 3.6e6;

function spellsOf(
  moments: readonly DryingMoment[],
  id: string,
  untilDay: number,
): { days: number; temperatureC: number }[] {
  return moments.slice(1).flatMap((moment, at) => {
    const before = moments[at];
    const [from, to] = [before?.batches.get(id), moment.batches.get(id)];
    if (!before || !from || !to || moment.day > untilDay + 1e-9) return [];
    const temperatureC = (from.honeyC + to.honeyC) / 2;
    return [{ days: moment.day - before.day, temperatureC }];
  });
}

function batchOutlook(moments: readonly DryingMoment[], id: string, nowDay: number): BatchOutlook {
  const over = (value: (moment: DryingMoment) => number | undefined): number[] =>
    moments.map((moment) => value(moment) ?? NaN);
  const surfaces = (moment: DryingMoment): number[] =>
    moment.batches.get(id)?.parts.map((part) => part.surfacePercent) ?? [];
  return {
    meanPercent: over((dryingMoment) => dryingMoment.batches.get(id)?.meanPercent),
    surfacePercent: over((dryingMoment) =>
      dryingMoment.batches.has(id) ? Math.max(...surfaces(dryingMoment)) : undefined,
    ),
    honeyC: over((dryingMoment) => dryingMoment.batches.get(id)?.honeyC),
    heatNow: heatSpent(spellsOf(moments, id, nowDay)),
    heatEnd: heatSpent(spellsOf(moments, id, Infinity)),
  };
}

/** Mean of a total per day over some days from now on. */
function perDay(
  moments: readonly DryingMoment[],
  nowDay: number,
  days: number,
  total: (moment: DryingMoment) => number,
): number {
  const from = moments.find((moment) => moment.day >= nowDay);
  const to = moments.find((moment) => moment.day >= nowDay + days) ?? moments[moments.length - 1];
  if (!from || !to || to.day <= from.day) return 0;
  return (total(to) - total(from)) / (to.day - from.day);
}

/** Air outside as it mostly is: the mean of its day, or now. */
function outsideAir({ outside }: NonNullable<DryingRun['room']>, nowDay: number): AirState {
  const mean = outside.kind === 'daily' ? { ...outside, swingC: 0 } : outside;
  return airAt(mean, nowDay, { temperatureC: 0, ratio: 0 });
}

function adviceFor(run: DryingRun, moments: readonly DryingMoment[], nowDay: number): RoomAdvice[] {
  const found = roomAdvice(run, moments, nowDay);
  const flatOut = found.some((advice) => advice.kind === 'machine-flat-out');
  if (!run.room) return found;
  const outside = outsideAir(run.room, nowDay);
  const { temperatureC, relativeHumidity } = asAir(outside);
  const past = moments.filter((moment) => moment.day <= nowDay);
  const about = { outsideC: temperatureC, outsideHumidity: relativeHumidity };
  return [
    ...found,
    ...(flatOut ? enoughFor(run, nowDay) : []),
    ...doorAdvice(run, nowDay, outside),
    ...reWetting(run, past[past.length - 1], about),
  ];
}

/**
 * The most likely course: one run at the mean of what is believed.
 *
 * @param nowDay - what lies before it is past [d]
 * @throws DomainError as `simulateDrying`
 */
export function roomOutlook(run: DryingRun, belief: DryingBelief, nowDay: number): RoomOutlook {
  requireFinite({ run, belief, nowDay }, 'roomOutlook');
  const under = runUnder(run, { values: belief.mean });
  const { moments } = simulateDrying({ ...under, nodes: FORECAST_NODES });
  const fans = ((run.room?.room.fanW ?? 0) * 86_400) / J_PER_KWH;
  const electricity = perDay(moments, nowDay, 2, ({ totals }) => totals.heater + totals.machine);
  return {
    days: moments.map((moment) => moment.day),
    temperatureC: moments.map((moment) => moment.air.temperatureC),
    relativeHumidity: moments.map((moment) => moment.air.relativeHumidity),
    batches: run.batches.map(({ id }) => batchOutlook(moments, id, nowDay)),
    advice: adviceFor(under, moments, nowDay),
    removedKgPerDay: perDay(moments, nowDay, 1, ({ totals }) => totals.removed),
    kWhPerDay: electricity / J_PER_KWH + fans,
  };
}
