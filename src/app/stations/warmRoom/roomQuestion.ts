import type { DayWeather } from '../../../core';
import { roomRun, stretchesOf, type BatchFile, type RoomFile, type RoomRun } from '../../../model';
import { batchEndMs, type BatchContent } from '../../../records';
import type { RoomQuestion } from '../../../workers/protocol';
import { midnightBefore } from '../../format/localMoment';

/** How far a forecast looks [d]. */
export const DAYS_AHEAD = 10;

/** A room's question to the worker, with what names its parts. */
export interface AskedRoom {
  readonly question: RoomQuestion;
  readonly present: RoomRun;
  /** batches of the present stretch, in the order of the question */
  readonly batches: readonly BatchFile[];
}

/** What to ask of a room now; of an empty one, what it has taught so far. */
export function askedRoom(
  file: RoomFile,
  nowMs: number,
  forecast: readonly DayWeather[] = [],
): AskedRoom {
  const stretches = stretchesOf(file, nowMs);
  const latest = stretches[stretches.length - 1] ?? [];
  const inUse = latest.some(({ batch }) => isIn(batch.content, nowMs));
  const last = inUse ? latest : [];
  const forNow = { nowMs, daysAhead: DAYS_AHEAD, midnightBefore, forecast };
  const present = roomRun(file, last, forNow);
  const past = (inUse ? stretches.slice(0, -1) : stretches).map((stretch) =>
    roomRun(file, stretch, { ...forNow, nowMs: endOf(stretch, nowMs), daysAhead: 0 }),
  );
  return {
    question: { past, present, targets: present.targets, nowDay: present.nowDay },
    present,
    batches: last,
  };
}

/** When the last batch of an earlier stretch went out [ms]: what came later teaches nothing. */
const endOf = (stretch: readonly BatchFile[], nowMs: number): number =>
  Math.min(nowMs, Math.max(...stretch.map(({ batch }) => batchEndMs(batch.content, nowMs))));

/** Whether a batch is in the room, or comes later today. */
export function isIn(content: BatchContent, nowMs: number): boolean {
  return batchEndMs(content, nowMs) > nowMs;
}
