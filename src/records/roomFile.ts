import type { AirLog } from './airLog';
import type { BatchCheck } from './batchCheck';
import type { Batch } from './dryingBatch';
import { holdingOf } from './holding';
import type { AnyRecord } from './record';
import type { WarmRoomRecord } from './warmRoom';

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

/** Batches that shared the room, one stretch after the other; the last one may still be in. */
export function stretchesOf({ batches }: RoomFile): BatchFile[][] {
  const stretches: BatchFile[][] = [];
  let until = -Infinity;
  for (const file of batches) {
    const { inAt, outAt } = file.batch.content;
    if (Date.parse(inAt) - until > PAUSE_MS) stretches.push([]);
    stretches[stretches.length - 1]?.push(file);
    until = Math.max(until, outAt === null ? Infinity : Date.parse(outAt));
  }
  return stretches;
}
