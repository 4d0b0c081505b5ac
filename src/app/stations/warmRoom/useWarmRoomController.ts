import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useMoment } from '../../data/useMoment';
import { useAsked } from '../../data/useAsked';
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
  const [lotId] = useAsked('lot');
  // honey that is to go in needs a room first
  const [adding, setAdding] = useState(lotId !== null && rooms.length === 0);
  const addressOf = (roomId: string): string =>
    `/${workspace}/warm-room/${roomId}${lotId === null ? '' : `?lot=${lotId}`}`;
  const only = lotId !== null && rooms.length === 1 ? rooms[0] : undefined;
  useEffect(prefetchRoom, []);
  return {
    rooms,
    nowMs,
    adding,
    add: () => setAdding(true),
    close: () => setAdding(false),
    addressOf,
    /** the page that is meant: with one room there is nothing to choose */
    straightTo: only ? addressOf(only.room.entityId) : null,
    open: (roomId: string) => void navigate(addressOf(roomId)),
  };
}
