import type { ReactElement } from 'react';
import { DayGate } from './parts/DayGate';
import { CombsView } from './CombsView';
import { useCombsController } from './useCombsController';

/** Combs of a day: which tool opens them, and when they are spun empty. */
export function CombsScreen(): ReactElement {
  return <DayGate controller={useCombsController} View={CombsView} />;
}
