import { useMemo } from 'react';
import { readingsDue, type RoomFile } from '../../../model';
import { isForgotten } from '../../../records';
import { formatDay } from '../../format/dates';
import type { DueItem } from './dueItem';
import { useRooms } from '../../data/useWorkspaceModel';
import { todayWords } from '../../words/english/today';

/** Readings of a room that are due within so long [ms]. */
const SOON_MS = 12 * 3_600_000;

/** Batches that nobody took out of the room in the books. */
function forgottenRows({ room, batches }: RoomFile, nowMs: number): DueItem[] {
  return batches
    .filter(({ batch }) => isForgotten(batch.content, nowMs))
    .map(({ batch }) => ({
      id: `forgotten ${batch.entityId}`,
      title: todayWords.whenDidComeOut({ name: batch.content.name }),
      why: todayWords.inSinceLongerThanAny({
        name: room.content.name,
        inAt: formatDay(batch.content.inAt),
      }),
      to: `warm-room/${room.entityId}`,
      station: 'room',
      timed: false,
      atMs: nowMs,
    }));
}

function itemsOf(file: RoomFile, nowMs: number): DueItem[] {
  const { entityId, content } = file.room;
  const readings = readingsDue(file, nowMs)
    .filter((reading) => reading.atMs <= nowMs + SOON_MS)
    .map(({ id, atMs, batchId }) => {
      const batch = file.batches.find((batchFile) => batchFile.batch.entityId === batchId)?.batch
        .content;
      return {
        id,
        title: todayWords.readOrWeigh({ name: batch?.name ?? todayWords.theBatch() }),
        why: todayWords.eachReadingNarrowsTheForecast({ name: content.name }),
        to: `warm-room/${entityId}`,
        station: 'room',
        timed: true,
        atMs,
      } as const;
    });
  return [...forgottenRows(file, nowMs), ...readings];
}

/** What waits in the warm rooms. */
export function useRoomsDue(nowMs: number): readonly DueItem[] {
  const rooms = useRooms();
  return useMemo(() => rooms.flatMap((room) => itemsOf(room, nowMs)), [rooms, nowMs]);
}
