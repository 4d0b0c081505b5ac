import { DAY_MS, seededRandom } from '../src/core';
import {
  firstRevision,
  type AirLogContent,
  type AnyRecord,
  type BatchCheckContent,
  type BatchContent,
  type CheckedPart,
  type WarmRoomContent,
} from '../src/records';
import { demoScribe } from './scribe';

const ROOM: WarmRoomContent = {
  name: 'Boathouse room',
  volumeM3: 30,
  capacityBoxes: 90,
  heating: 'electric',
  heaterW: 2000,
  setPointC: 31,
  machine: {
    kind: 'refrigerant',
    ratedLPerDay: 20,
    ratedAtC: 27,
    ratedAtHumidity: 0.6,
    powerW: 420,
    stopsAtHumidity: 0.36,
    warmestC: 35,
  },
  fanW: 80,
  airChangesPerHour: 0.3,
  wallLossWPerK: 45,
  outside: { meanC: 16, swingC: 7, relativeHumidity: 0.82 },
  pricePerKwh: 0.31,
  remark: 'Insulated with cork; the door sticks in wet weather.',
};

interface DemoCheck {
  readonly afterDays: number;
  readonly of: CheckedPart;
  readonly percent: number;
}

interface DemoBatch {
  readonly daysAgo: number;
  readonly stayedDays: number | null;
  readonly content: Pick<
    BatchContent,
    'name' | 'boxes' | 'honeyKgPerBox' | 'openShare' | 'openPercent' | 'cappedPercent' | 'layout'
  > &
    Partial<BatchContent>;
  readonly checks: readonly DemoCheck[];
}

const BATCHES: readonly DemoBatch[] = [
  {
    daysAgo: 44,
    stayedDays: 3.5,
    content: {
      name: 'Bean field, first load',
      boxes: 32,
      honeyKgPerBox: 14,
      openShare: 0.4,
      openPercent: 19.6,
      cappedPercent: 17.4,
      layout: 'crossed',
      temperatureC: 18,
    },
    checks: [
      { afterDays: 1.1, of: 'open', percent: 17.9 },
      { afterDays: 2.2, of: 'open', percent: 16.9 },
      { afterDays: 3.4, of: 'capped', percent: 16.8 },
      { afterDays: 3.4, of: 'open', percent: 16.0 },
    ],
  },
  {
    daysAgo: 1.6,
    stayedDays: null,
    content: {
      name: 'Outer marsh, pulled early',
      boxes: 24,
      honeyKgPerBox: 15,
      openShare: 0.35,
      openPercent: 20.3,
      cappedPercent: 17.7,
      layout: 'crossed',
      temperatureC: 20,
    },
    checks: [{ afterDays: 0.9, of: 'open', percent: 18.5 }],
  },
  {
    daysAgo: 0.3,
    stayedDays: null,
    content: {
      name: 'Marsh, second visit',
      boxes: 30,
      honeyKgPerBox: 14,
      openShare: 0.2,
      openPercent: 19.4,
      cappedPercent: 17.6,
      layout: 'tight',
      temperatureC: 16,
      targetPercent: 17.2,
    },
    checks: [],
  },
];

const MINUTES_PER_DAY = 1440;
const LOG_EVERY_MINUTES = 15;

/** Every quarter of an hour since the early batch came in, with a pause and the door. */
function insideLog(startedMs: number, endMs: number): AirLogContent {
  const random = seededRandom(1611);
  const minutes = (endMs - startedMs) / 60_000;
  const paused = (at: number): boolean => at > 820 && at < 1010;
  const times = Array.from(
    { length: Math.floor(minutes / LOG_EVERY_MINUTES) },
    (_, at) => at * LOG_EVERY_MINUTES,
  ).filter((at) => !paused(at));
  const doors = new Set([300, 1380, 1860]);
  const settling = (at: number): number => Math.exp(-at / (MINUTES_PER_DAY / 4));
  return {
    place: 'inside',
    source: 'file',
    startedAt: new Date(startedMs).toISOString(),
    minutes: times,
    temperatureC: times.map((at) => {
      const door = doors.has(at) ? -4.5 : 0;
      return Math.round(10 * (31 - 2.5 * settling(at) + door + random() * 0.5)) / 10;
    }),
    relativeHumidity: times.map((at) => {
      const door = doors.has(at) ? 0.14 : 0;
      return Math.round(1000 * (0.39 + 0.08 * settling(at) + door + random() * 0.01)) / 1000;
    }),
    remark: '',
  };
}

function checksOf(
  batch: AnyRecord,
  { checks }: DemoBatch,
  inMs: number,
  todayMs: number,
): AnyRecord[] {
  return checks.map(({ afterDays, of, percent }, at) => {
    const takenMs = inMs + afterDays * DAY_MS;
    const scribe = demoScribe(
      `room-check-${batch.entityId}-${at}`,
      todayMs,
      Math.ceil((todayMs - takenMs) / DAY_MS),
    );
    const content: BatchCheckContent = {
      takenAt: new Date(takenMs).toISOString(),
      who: 'HH',
      found: { by: 'moisture', of, percent, plusMinus: 0.4 },
      remark: '',
    };
    return firstRevision(scribe, 'batch-check', content, batch.entityId);
  });
}

/**
 * A warm room of the demo with what is in it, as if it were now. Nothing here is measured.
 *
 * @param nowMs - batches came in so long before it
 */
export function demoRooms(todayMs: number, nowMs: number): AnyRecord[] {
  const room = firstRevision(demoScribe('room', todayMs, 60), 'warm-room', ROOM);
  const batches = BATCHES.flatMap((demo, at) => {
    const inMs = nowMs - demo.daysAgo * DAY_MS;
    const outMs = demo.stayedDays === null ? null : inMs + demo.stayedDays * DAY_MS;
    const content: BatchContent = {
      lotIds: [],
      plusMinusPercent: 0.8,
      temperatureC: null,
      targetPercent: 17,
      remark: '',
      ...demo.content,
      inAt: new Date(inMs).toISOString(),
      outAt: outMs === null ? null : new Date(outMs).toISOString(),
    };
    const scribe = demoScribe(`room-batch-${at + 1}`, todayMs, Math.ceil(demo.daysAgo));
    const batch = firstRevision(scribe, 'batch', content, room.entityId);
    return [batch, ...checksOf(batch, demo, inMs, todayMs)];
  });
  const early = nowMs - 1.6 * DAY_MS;
  const log = firstRevision(
    demoScribe('room-log', todayMs, 1),
    'air-log',
    insideLog(early, nowMs - DAY_MS / 96),
    room.entityId,
  );
  return [room, ...batches, log];
}
