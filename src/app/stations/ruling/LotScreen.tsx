import type { ReactElement } from 'react';
import { LotGate } from '../../lot/LotGate';
import { useLotController } from './useLotController';
import { LotView } from './LotView';

/** One lot: the answer, what it rests on, and the next thing to type. */
export function LotScreen(): ReactElement {
  return <LotGate controller={useLotController} View={LotView} />;
}
