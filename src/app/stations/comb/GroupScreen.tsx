import type { ReactElement } from 'react';
import { HarvestGate } from './parts/HarvestGate';
import { useGroupController } from './useGroupController';
import { GroupView } from './GroupView';

/** Frames into lots: by rule, then by hand. */
export function GroupScreen(): ReactElement {
  return <HarvestGate controller={useGroupController} View={GroupView} />;
}
