import {
  DAY_MS,
  LAYOUT_FACTOR,
  forecastAir,
  withoutSlips,
  type AirOverTime,
  type AirSeries,
  type DayWeather,
  type DryingBatch,
  type DryingObservation,
  type DryingRun,
  type HoneyPart,
  type WarmRoom,
  type UsualDay,
  type WetSpell,
} from '../../core';
import {
  type AirLog,
  type BatchCheckContent,
  type BatchContent,
  batchEndMs,
  type LogPlace,
  type WarmRoomContent,
} from '../../records';
import { dayNumber, localDayOf, momentOfWall } from '../days';
import type { BatchFile, RoomFile } from './roomFile';

const MINUTES_PER_DAY = 1440;

/** Box, frames and wax without honey [kg]. @source common practice, no source */
export const BOX_TARE_KG = 8;

/** What a stated ± stands for: an expanded uncertainty. */
const COVERAGE = 2;

/** From comb to comb of one batch [%]. @source common practice, no source */
const COMB_SPREAD_PERCENT = 0.3;

/** Hours between the times a run tells of, near and far from now. */
const NEAR_HOURS = 3;
const FAR_HOURS = 12;
const NEAR_DAYS = 4;

/** Part of a batch that is too small to matter [1]. */
const LEAST_SHARE = 0.01;

/** The room as the core takes it. */
export function coreRoom(content: WarmRoomContent): WarmRoom {
  const { volumeM3, setPointC, machine, fanW, airChangesPerHour, wallLossWPerK } = content;
  const heaterW = content.heating === 'none' ? 0 : content.heaterW;
  return {
    volumeM3,
    heaterW,
    setPointC,
    dehumidifier: machine,
    fanW,
    airChangesPerHour,
    wallLossWPerK,
  };
}

/** Honey of a batch, or of one box of it, by its surface. */
export function honeyParts(content: BatchContent, boxes = content.boxes): HoneyPart[] {
  const { openShare, honeyKgPerBox, openPercent, cappedPercent } = content;
  const massKg = boxes * honeyKgPerBox;
  const open: HoneyPart = {
    surface: 'open',
    massKg: massKg * openShare,
    moisturePercent: openPercent,
  };
  const capped: HoneyPart = {
    surface: 'capped',
    massKg: massKg * (1 - openShare),
    moisturePercent: cappedPercent,
  };
  return [open, capped].filter((honeyPart) => honeyPart.massKg >= LEAST_SHARE * massKg);
}

/** A batch as the core takes it; days are counted from `zeroMs`. */
export function coreBatch(
  id: string,
  content: BatchContent,
  zeroMs: number,
  outsideC: number,
): DryingBatch {
  const dayOf = (moment: string): number => (Date.parse(moment) - zeroMs) / DAY_MS;
  return {
    id,
    parts: honeyParts(content),
    inDay: Math.max(0, dayOf(content.inAt)),
    outDay: content.outAt === null ? null : dayOf(content.outAt),
    temperatureC: content.temperatureC ?? outsideC,
    airFactor: LAYOUT_FACTOR[content.layout],
    tareKg: BOX_TARE_KG * content.boxes,
  };
}

/** All logs of a place in one series, later entries first where they overlap; slips left out. */
export function seriesOf(logs: readonly AirLog[], place: LogPlace, zeroMs: number): AirSeries {
  const byDay = new Map<number, readonly [number, number]>();
  for (const { content } of logs.filter((log) => log.content.place === place)) {
    const from = (Date.parse(content.startedAt) - zeroMs) / DAY_MS;
    content.minutes.forEach((minutes, at) => {
      const entry = [content.temperatureC[at] ?? 0, content.relativeHumidity[at] ?? 0] as const;
      byDay.set(from + minutes / MINUTES_PER_DAY, entry);
    });
  }
  const days = [...byDay.keys()].sort((a, b) => a - b);
  return {
    days,
    temperatureC: days.map((day) => byDay.get(day)?.[0] ?? 0),
    relativeHumidity: days.map((day) => byDay.get(day)?.[1] ?? 0),
  };
}

/** Rain from the midnight before its first day to that after its last, on the clock of the keeper. */
const wetSpells = ({ rain = [] }: WarmRoomContent, zeroMs: number): WetSpell[] =>
  rain.map(({ fromDay, toDay }) => ({
    fromDay: (momentOfWall(Date.parse(fromDay)) - zeroMs) / DAY_MS,
    toDay: (momentOfWall(Date.parse(toDay) + DAY_MS) - zeroMs) / DAY_MS,
  }));

/** Measured air, and where nothing is measured yet the forecast. */
function withForecast(
  measured: AirSeries,
  forecast: readonly DayWeather[],
  { usual, zeroMs, endDay }: { usual: UsualDay; zeroMs: number; endDay: number },
): AirSeries {
  const zeroDay = dayNumber(localDayOf(new Date(zeroMs).toISOString()));
  const span = { zeroDay, firstDay: zeroDay - 1, lastDay: zeroDay + endDay + 1 };
  const ahead = forecastAir(forecast, usual, span);
  const [first, last] = [measured.days[0] ?? Infinity, measured.days.at(-1) ?? -Infinity];
  const before = ahead.days.map((day) => day < first);
  const after = ahead.days.map((day) => day > last);
  const joined = (of: 'days' | 'temperatureC' | 'relativeHumidity'): number[] => [
    ...ahead[of].filter((_, at) => before[at]),
    ...(first < Infinity ? measured[of] : []),
    ...(first < Infinity ? ahead[of].filter((_, at) => after[at]) : []),
  ];
  return {
    days: joined('days'),
    temperatureC: joined('temperatureC'),
    relativeHumidity: joined('relativeHumidity'),
  };
}

/** Days of a forecast that fall into a run. */
const withinRun = (
  forecast: readonly DayWeather[],
  zeroMs: number,
  endDay: number,
): DayWeather[] => {
  const zeroDay = dayNumber(localDayOf(new Date(zeroMs).toISOString()));
  return forecast.filter(({ day }) => day >= zeroDay && day <= zeroDay + endDay);
};

function outsideOf(
  { room, logs }: RoomFile,
  zeroMs: number,
  { forecast = [], endDay }: { forecast?: readonly DayWeather[]; endDay: number },
): AirOverTime {
  const series = withoutSlips(seriesOf(logs, 'outside', zeroMs));
  const wet = wetSpells(room.content, zeroMs);
  const onItsDays = withinRun(forecast, zeroMs, endDay);
  if (onItsDays.length > 0) {
    const { outside: usual } = room.content;
    return { kind: 'series', ...withForecast(series, onItsDays, { usual, zeroMs, endDay }), wet };
  }
  return series.days.length > 1
    ? { kind: 'series', ...series, wet }
    : { kind: 'daily', ...room.content.outside, wet };
}

function observationOf(
  { found, takenAt }: BatchCheckContent,
  batch: number,
  zeroMs: number,
): DryingObservation {
  const day = (Date.parse(takenAt) - zeroMs) / DAY_MS;
  if (found.by === 'moisture') {
    const standardUncertainty = Math.hypot(found.plusMinus / COVERAGE, COMB_SPREAD_PERCENT / 2);
    return { batch, day, of: found.of, percent: found.percent, standardUncertainty };
  }
  const honeyKg = found.firstKg - found.tareKg;
  const standardKg = found.plusMinusKg / COVERAGE / Math.sqrt(2);
  return {
    batch,
    day,
    of: 'loss',
    percent: (100 * (found.firstKg - found.nowKg)) / honeyKg,
    standardUncertainty: Math.hypot((100 * standardKg) / honeyKg, COMB_SPREAD_PERCENT / 4),
  };
}

/** A stretch of a room as the core takes it. */
export interface RoomRun {
  /** midnight from which days are counted [ms since 1970] */
  readonly zeroMs: number;
  /** now, in days of the run */
  readonly nowDay: number;
  readonly run: DryingRun;
  readonly batchIds: readonly string[];
  readonly targets: readonly number[];
  /** standard uncertainty of the start moisture of each batch [%] */
  readonly startSpreads: readonly number[];
  readonly observations: readonly DryingObservation[];
}

/** What a run is made for. */
export interface RunFor {
  readonly nowMs: number;
  readonly daysAhead: number;
  /** midnight before a moment, where the keeper is [ms since 1970] */
  readonly midnightBefore: (ms: number) => number;
  /** weather outside by day, where somebody typed it */
  readonly forecast?: readonly DayWeather[];
}

function timesToTell(nowDay: number, endDay: number): number[] {
  const days: number[] = [];
  for (let day = 0; day < endDay - 1e-9;) {
    days.push(day);
    const near = day >= nowDay - NEAR_DAYS;
    day += (near ? NEAR_HOURS : FAR_HOURS) / 24;
  }
  return [...days, endDay];
}

/** Air measured in the room, from and until when. */
function knownAir(file: RoomFile, zeroMs: number, nowDay: number): Partial<DryingRun> {
  const series = withoutSlips(seriesOf(file.logs, 'inside', zeroMs));
  const [first, last] = [series.days[0], series.days[series.days.length - 1]];
  if (first === undefined || last === undefined || first >= nowDay || last <= 0 || first === last) {
    return { known: null };
  }
  return {
    known: { kind: 'series', ...series },
    knownFromDay: Math.max(0, first),
    knownUntilDay: Math.min(last, nowDay),
  };
}

/** The run of batches that shared a room. */
export function roomRun(
  file: RoomFile,
  batches: readonly BatchFile[],
  { nowMs, daysAhead, midnightBefore, forecast = [] }: RunFor,
): RoomRun {
  const firstMs = Math.min(nowMs, ...batches.map((batch) => Date.parse(batch.batch.content.inAt)));
  const zeroMs = midnightBefore(firstMs);
  const nowDay = (nowMs - zeroMs) / DAY_MS;
  const { room } = file;
  const outside = outsideOf(file, zeroMs, { forecast, endDay: nowDay + daysAhead });
  const spread = (batchFile: BatchFile): number =>
    batchFile.batch.content.plusMinusPercent / COVERAGE;
  const observations = batches.flatMap(({ batch, checks }, at) =>
    checks
      .filter(({ content }) => content.takenAt > batch.content.inAt)
      .filter(({ content }) => Date.parse(content.takenAt) <= batchEndMs(batch.content, nowMs))
      .map((check) => observationOf(check.content, at, zeroMs)),
  );
  return {
    zeroMs,
    nowDay,
    run: {
      room: { room: coreRoom(room.content), outside },
      known: null,
      ...knownAir(file, zeroMs, nowDay),
      batches: batches.map(({ batch }) =>
        coreBatch(batch.entityId, batch.content, zeroMs, room.content.outside.meanC),
      ),
      reportDays: timesToTell(nowDay, nowDay + daysAhead),
    },
    batchIds: batches.map((batch) => batch.batch.entityId),
    targets: batches.map((batch) => batch.batch.content.targetPercent),
    startSpreads: batches.map(spread),
    observations,
  };
}
