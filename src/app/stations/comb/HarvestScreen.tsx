import type { ReactElement } from 'react';
import { HarvestGate } from './parts/HarvestGate';
import { useHarvestController } from './useHarvestController';
import { HarvestView } from './HarvestView';

/** A day at the hives: what is taken, what it amounts to, and what is still to judge. */
export function HarvestScreen(): ReactElement {
  return <HarvestGate controller={useHarvestController} View={HarvestView} />;
}
