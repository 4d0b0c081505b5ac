import { requireFinite } from '../errors';
import type { ReadingEvidence } from './readingEvidence';

/** What can change honey after it was read, so that a reading of before says nothing of now. */
export const EVENT_KINDS = ['drying', 'blending', 'standing-open', 'melting'] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/** Why a reading is history. Long storage is no event that anybody writes down: it shows in the dates. */
export type HistoryReason = EventKind | 'storage';

/** Something that happened to the honey of a lot, or to one of its vessels. */
export interface HoneyEvent {
  readonly kind: EventKind;
  /** when it was over, in days from 1970-01-01 */
  readonly atDay: number;
  /** the vessel it happened to; the whole lot where none is named */
  readonly vesselId?: string;
}

/** A reading from before something happened to the honey. */
export interface EarlierReading extends ReadingEvidence {
  readonly before: HistoryReason;
  /** day of what happened, or of the first reading after long storage */
  readonly beforeDay: number;
}

/** Readings of now, and those of before. */
export interface ReadingsInTime {
  readonly present: readonly ReadingEvidence[];
  readonly earlier: readonly EarlierReading[];
}

/**
 * Two looks at a lot further apart are two states of it [d]: honey granulates, layers and takes up
 * water in that time.
 *
 * @source our choice, no source
 */
export const LONG_STORAGE_DAYS = 60;

const dayOf = (reading: ReadingEvidence): number => reading.takenDay ?? Infinity;

function lastEventAfter(
  reading: ReadingEvidence,
  events: readonly HoneyEvent[],
): HoneyEvent | undefined {
  return events
    .filter(
      (honeyEvent) => honeyEvent.vesselId === undefined || honeyEvent.vesselId === reading.vesselId,
    )
    .filter((honeyEvent) => dayOf(reading) < honeyEvent.atDay)
    .sort((a, b) => a.atDay - b.atDay)
    .at(-1);
}

/** First day of the last stretch of readings without a long pause. */
function startOfLastStretch(readings: readonly ReadingEvidence[]): number {
  const days = readings.map(dayOf).sort((a, b) => a - b);
  let start = days[0] ?? -Infinity;
  days.slice(1).forEach((day, at) => {
    if (day - days[at]! > LONG_STORAGE_DAYS) start = day;
  });
  return start;
}

/**
 * Parts readings into those of the honey as it is now and those of before: before the last drying,
 * blending, standing open or melting, or before a pause of more than `LONG_STORAGE_DAYS`. A reading of
 * which nobody knows the day counts as one of now.
 *
 * @param readings - of one lot, in any order
 * @param events - of that lot
 * @returns each reading once, in the order given
 * @source our choice, no source
 */
export function readingsInTime(
  readings: readonly ReadingEvidence[],
  events: readonly HoneyEvent[],
): ReadingsInTime {
  requireFinite({ readings, events }, 'readingsInTime');
  const earlier: EarlierReading[] = [];
  const after = readings.filter((reading) => {
    const event = lastEventAfter(reading, events);
    if (event) earlier.push({ ...reading, before: event.kind, beforeDay: event.atDay });
    return !event;
  });
  const start = startOfLastStretch(after);
  const present = after.filter((reading) => {
    const isOld = dayOf(reading) < start;
    if (isOld) earlier.push({ ...reading, before: 'storage', beforeDay: start });
    return !isOld;
  });
  return { present, earlier };
}
