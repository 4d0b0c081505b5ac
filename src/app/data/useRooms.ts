import { useMemo } from 'react';
import { useRecordsOf } from '../../db';
import { WARM_ROOM_KINDS, roomFilesOf, type RoomFile } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';

/** All rooms with what is in them, up to date across tabs; undefined while loading. */
export function useRooms(): RoomFile[] | undefined {
  const records = useRecordsOf(useAppSelector(selectWorkspace), WARM_ROOM_KINDS);
  return useMemo(() => records && roomFilesOf(records), [records]);
}
