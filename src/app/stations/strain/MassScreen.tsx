import type { ReactElement } from 'react';
import { LotGate } from '../../lot/LotGate';
import { MassView } from './MassView';
import { useMassController } from './useMassController';

/** Honey of a lot from comb to container, who gave it, and what it comes to in jars. */
export function MassScreen(): ReactElement {
  return <LotGate controller={useMassController} View={MassView} />;
}
