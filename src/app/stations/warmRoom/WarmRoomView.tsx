import { Button } from '../../ui/Button';
import { EmptyNote } from '../../ui/page/EmptyNote';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { RoomSheet } from './parts/RoomSheets';
import type { useWarmRoomController } from './useWarmRoomController';
import { ChevronRight } from 'lucide-react';
import { type ReactElement } from 'react';
import { Link, Navigate } from 'react-router';
import type { RoomFile } from '../../../model';
import { isIn } from './roomQuestion';
import { commonWords } from '../../words/english/common';
import { roomWords } from '../../words/english/room';

interface RoomRowProps {
  file: RoomFile;
  nowMs: number;
  to: string;
}

function RoomRow({ file, nowMs, to }: RoomRowProps): ReactElement {
  const { room, batches } = file;
  const inside = batches.filter(({ batch }) => isIn(batch.content, nowMs));
  const boxes = inside.reduce((sum, batchFile) => sum + batchFile.batch.content.boxes, 0);
  return (
    <li>
      <Link to={to} className="flex min-h-16 items-center gap-4 py-3 hover:bg-lavender-pale">
        <span className="grow">
          <span className="block text-2xl font-bold">{room.content.name}</span>
          <span className="block text-lg">
            {inside.length === 0
              ? commonWords.empty()
              : roomWords.batchesOfBoxes({
                  inside: inside.length,
                  boxes,
                  capacityBoxes: room.content.capacityBoxes,
                  inside2: inside.map((batchFile) => batchFile.batch.content.name).join(', '),
                })}
          </span>
        </span>
        <ChevronRight aria-hidden className="size-6 shrink-0" />
      </Link>
    </li>
  );
}

/** All rooms in which combs dry. */
export function WarmRoomView(props: ReturnType<typeof useWarmRoomController>): ReactElement {
  const { rooms, nowMs, adding, add, close, open, addressOf, straightTo } = props;
  if (straightTo !== null) return <Navigate to={straightTo} replace />;
  return (
    <>
      <PageHead title={commonWords.warmRoom()}>
        <Button tone={rooms.length === 0 ? 'ink' : 'line'} onClick={add}>
          {roomWords.addARoom()}
        </Button>
        <PageLink to="warm-room/standing">{roomWords.waitingOrDryingAnotherWay()}</PageLink>
      </PageHead>
      {rooms.length === 0 ? (
        <EmptyNote>{roomWords.noRoomYetDescribeYours()}</EmptyNote>
      ) : (
        <ul className="mt-4 divide-y divide-thread border-y-2 border-ink">
          {rooms.map((room) => (
            <RoomRow
              key={room.room.entityId}
              file={room}
              nowMs={nowMs}
              to={addressOf(room.room.entityId)}
            />
          ))}
        </ul>
      )}
      <RoomSheet open={adding} room={null} onClose={close} onKept={open} />
    </>
  );
}
