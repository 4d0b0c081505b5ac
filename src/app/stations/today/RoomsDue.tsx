import { format } from 'date-fns';
import { useMemo, type ReactElement } from 'react';
import { readingsDue, type RoomFile } from '../../../records';
import { useMoment } from '../../data/useMeters';
import { useRooms } from '../../data/useRooms';
import { DueRows, type DueRow } from './DueRows';

/** Readings of a room that are due within so long [ms]. */
const SOON_MS = 12 * 3_600_000;

function rowsOf(file: RoomFile, nowMs: number): DueRow[] {
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
        when: (
          <>
            {format(atMs, 'EEE HH:mm')}
            {atMs < nowMs && <strong className="block">overdue</strong>}
          </>
        ),
      };
    });
}

/** What waits in the warm rooms. */
export function RoomsDue(): ReactElement {
  const rooms = useRooms();
  const nowMs = Date.parse(useMoment());
  const rows = useMemo(() => (rooms ?? []).flatMap((one) => rowsOf(one, nowMs)), [rooms, nowMs]);
  return <DueRows id="rooms" title="In the warm room" rows={rows} />;
}
