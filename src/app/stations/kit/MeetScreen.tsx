import type { ReactElement } from 'react';
import { MeetView } from './MeetView';
import { useMeetController } from './useMeetController';

/** Two devices of one keeper end up with the same records. */
export function MeetScreen(): ReactElement {
  return <MeetView {...useMeetController()} />;
}
