import { ChevronRight } from 'lucide-react';
import { useEffect, useState, type ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import type { RoomFile } from '../../../model';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/page/PageLink';
import { RoomSheet } from './parts/RoomSheets';
import { isIn } from './roomQuestion';
import { useRooms } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { roomWords } from '../../words/english/room';

function RoomRow({ file, nowMs }: { file: RoomFile; nowMs: number }): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { room, batches } = file;
  const inside = batches.filter(({ batch }) => isIn(batch.content, nowMs));
  const boxes = inside.reduce((sum, one) => sum + one.batch.content.boxes, 0);
  return (
    <li>
      <Link
        to={`/${workspace}/warm-room/${room.entityId}`}
        className="flex min-h-16 items-center gap-4 py-3 hover:bg-lavender-pale"
      >
        <span className="grow">
          <span className="block text-2xl font-bold">{room.content.name}</span>
          <span className="block text-lg">
            {inside.length === 0
              ? commonWords.empty()
              : roomWords.batchesOfBoxes({
                  inside: inside.length,
                  boxes,
                  capacityBoxes: room.content.capacityBoxes,
                  inside2: inside.map((one) => one.batch.content.name).join(', '),
                })}
          </span>
        </span>
        <ChevronRight aria-hidden className="size-6 shrink-0" />
      </Link>
    </li>
  );
}

/** A room is opened next, and its first band is to stand within a second. */
function prefetchRoom(): void {
  // where it cannot be fetched now, the room’s own page says so
  Promise.all([import('./RoomScreen'), import('./parts/ForecastChart')]).catch(() => undefined);
}

/** All rooms in which combs dry. */
export function WarmRoomScreen(): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const navigate = useNavigate();
  const rooms = useRooms();
  const nowMs = Date.parse(useMoment());
  const [adding, setAdding] = useState(false);
  useEffect(prefetchRoom, []);
  return (
    <>
      <header className="flex flex-wrap items-end justify-between gap-3 pt-5">
        <h1 className="text-4xl font-bold">{commonWords.warmRoom()}</h1>
        <div className="flex flex-wrap gap-3">
          <Button tone={rooms.length === 0 ? 'ink' : 'line'} onClick={() => setAdding(true)}>
            {roomWords.addARoom()}
          </Button>
          <PageLink to="warm-room/standing">{roomWords.waitingOrDryingAnotherWay()}</PageLink>
        </div>
      </header>
      {rooms.length === 0 ? (
        <p className="mt-4 max-w-3xl text-xl">{roomWords.noRoomYetDescribeYours()}</p>
      ) : (
        <ul className="mt-4 divide-y divide-thread border-y-2 border-ink">
          {rooms.map((room) => (
            <RoomRow key={room.room.entityId} file={room} nowMs={nowMs} />
          ))}
        </ul>
      )}
      <RoomSheet
        open={adding}
        room={null}
        onClose={() => setAdding(false)}
        onKept={(id) => void navigate(`/${workspace}/warm-room/${id}`)}
      />
    </>
  );
}
