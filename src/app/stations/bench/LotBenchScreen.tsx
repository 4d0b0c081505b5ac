import type { ReactElement } from 'react';
import { LotGate } from '../../lot/LotGate';
import { useLotBenchController } from './useLotBenchController';
import { LotBenchView } from './LotBenchView';

/** One lot at the bench: vessel, dial, what it means, and what to measure next. */
export function LotBenchScreen(): ReactElement {
  return <LotGate controller={useLotBenchController} View={LotBenchView} />;
}
