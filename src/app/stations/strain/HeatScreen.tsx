import type { ReactElement } from 'react';
import { LotGate } from '../../lot/LotGate';
import { HeatView } from './HeatView';
import { useHeatController } from './useHeatController';

/** What warmth has cost a lot, what is left of the budget, and plans compared. */
export function HeatScreen(): ReactElement {
  return <LotGate controller={useHeatController} View={HeatView} />;
}
