import { useMemo } from 'react';
import { useRecordsOf } from '../../db';
import { roomFilesOf, type RoomFile } from '../../model';
import { WARM_ROOM_KINDS } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';

/** All rooms with what is in them, up to date across tabs; undefined while loading or where it is not needed. */
export function useRooms(needed = true): RoomFile[] | undefined {
  const workspace = useAppSelector(selectWorkspace);
  const records = useRecordsOf(needed ? workspace : null, WARM_ROOM_KINDS);
  return useMemo(() => records && roomFilesOf(records), [records]);
}
