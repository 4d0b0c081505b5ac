import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import { useRooms } from '../../data/useWorkspaceModel';

/** A room is opened next, and its first band is to stand within a second. */
function prefetchRoom(): void {
  // where it cannot be fetched now, the room’s own page says so
  Promise.all([import('./RoomScreen'), import('./parts/ForecastChart')]).catch(() => undefined);
}

/** All rooms in which combs dry, and one being added. */
export function useWarmRoomController() {
  const workspace = useAppSelector(selectWorkspace);
  const navigate = useNavigate();
  const rooms = useRooms();
  const nowMs = Date.parse(useMoment());
  const [adding, setAdding] = useState(false);
  useEffect(prefetchRoom, []);
  return {
    rooms,
    nowMs,
    adding,
    add: () => setAdding(true),
    close: () => setAdding(false),
    open: (roomId: string) => void navigate(`/${workspace}/warm-room/${roomId}`),
  };
}
