import { DAY_MS, LONGEST_BATCH_DAYS } from '../../core';
import {
  type AirLog,
  type AnyRecord,
  type Batch,
  type BatchCheck,
  batchEndMs,
  holdingOf,
  type WarmRoomRecord,
} from '../../records';

/** A batch with the checks of it, oldest first. */
export interface BatchFile {
  readonly batch: Batch;
  readonly checks: readonly BatchCheck[];
}

/** All that holds of one room. */
export interface RoomFile {
  readonly room: WarmRoomRecord;
  /** by when they came in */
  readonly batches: readonly BatchFile[];
  readonly logs: readonly AirLog[];
}

/** Rooms with what is in them, by name. */
export function roomFilesOf(records: readonly AnyRecord[]): RoomFile[] {
  const of = holdingOf(records);
  return of('warm-room')
    .sort((a, b) => a.content.name.localeCompare(b.content.name))
    .map((room) => ({
      room,
      batches: of('batch', room.entityId)
        .sort((a, b) => a.content.inAt.localeCompare(b.content.inAt))
        .map((batch) => ({
          batch,
          checks: of('batch-check', batch.entityId).sort((a, b) =>
            a.content.takenAt.localeCompare(b.content.takenAt),
          ),
        })),
      logs: of('air-log', room.entityId).sort((a, b) =>
        a.content.startedAt.localeCompare(b.content.startedAt),
      ),
    }));
}

/** Batches that were in without a longer pause between them [ms]. */
const PAUSE_MS = 36 * 3_600_000;

/**
 * Batches that shared the room, one stretch after the other; the last one may still be in. A room that
 * is never empty is cut where a stretch grows longer than a batch may be, so that it can be computed.
 */
export function stretchesOf({ batches }: RoomFile, nowMs: number): BatchFile[][] {
  const stretches: BatchFile[][] = [];
  let [fromMs, untilMs] = [-Infinity, -Infinity];
  for (const file of batches) {
    const inMs = Date.parse(file.batch.content.inAt);
    if (inMs - untilMs > PAUSE_MS || inMs - fromMs > LONGEST_BATCH_DAYS * DAY_MS) {
      stretches.push([]);
      fromMs = inMs;
    }
    stretches[stretches.length - 1]?.push(file);
    untilMs = Math.max(untilMs, batchEndMs(file.batch.content, nowMs));
  }
  return stretches;
}
