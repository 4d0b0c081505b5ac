import type { ReactElement } from 'react';
import { RobbingView } from './RobbingView';
import { useRobbingController } from './useRobbingController';

/** What now, once bees or wasps have found honey. */
export function RobbingScreen(): ReactElement {
  return <RobbingView {...useRobbingController()} />;
}
