import type { ReactElement } from 'react';
import { useWarmRoomController } from './useWarmRoomController';
import { WarmRoomView } from './WarmRoomView';

/** All rooms in which combs dry. */
export function WarmRoomScreen(): ReactElement {
  return <WarmRoomView {...useWarmRoomController()} />;
}
