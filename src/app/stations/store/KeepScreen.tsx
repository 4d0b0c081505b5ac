import type { ReactElement } from 'react';
import { LotGate } from '../../lot/LotGate';
import { KeepView } from './KeepView';
import { useKeepController } from './useKeepController';

/** How a lot keeps: risk of fermentation over two years of storage, by place and state. */
export function KeepScreen(): ReactElement {
  return <LotGate controller={useKeepController} View={KeepView} />;
}
