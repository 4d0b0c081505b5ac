import { useMemo } from 'react';
import { readingsDue, type RoomFile, type Workshop } from '../../../records';
import type { DueItem } from './dueItem';

/** Readings of a room that are due within so long [ms]. */
const SOON_MS = 12 * 3_600_000;

function itemsOf(file: RoomFile, nowMs: number): DueItem[] {
  const { entityId, content } = file.room;
  return readingsDue(file, nowMs)
    .filter((one) => one.atMs <= nowMs + SOON_MS)
    .map(({ id, atMs, batchId }) => {
      const batch = file.batches.find((one) => one.batch.entityId === batchId)?.batch.content;
      return {
        id,
        title: `Read or weigh ${batch?.name ?? 'the batch'}`,
        why: `${content.name}: each reading narrows the forecast.`,
        to: `warm-room/${entityId}`,
        station: 'room',
        timed: true,
        atMs,
      };
    });
}

/** What waits in the warm rooms. */
export function useRoomsDue(workshop: Workshop | undefined, nowMs: number): readonly DueItem[] {
  return useMemo(
    () => (workshop?.around?.rooms ?? []).flatMap((one) => itemsOf(one, nowMs)),
    [workshop, nowMs],
  );
}
