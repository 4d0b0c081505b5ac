import type { ReactElement } from 'react';
import { useParams } from 'react-router';
import { useRooms } from '../../data/useWorkspaceModel';
import { Controlled } from '../../ui/page/Controlled';
import { NothingHere } from '../../ui/page/NothingHere';
import { RoomView } from './RoomView';
import { useRoomController } from './useRoomController';

/** One room: what is in it, when each batch is dry enough, and what to look after. */
export function RoomScreen(): ReactElement {
  const { roomId = '' } = useParams();
  const file = useRooms().find(({ room }) => room.entityId === roomId);
  return file ? (
    <Controlled key={roomId} of={file} controller={useRoomController} View={RoomView} />
  ) : (
    <NothingHere />
  );
}
