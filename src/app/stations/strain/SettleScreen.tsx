import type { ReactElement } from 'react';
import { LotGate } from '../../lot/LotGate';
import { SettleView } from './SettleView';
import { useSettleController } from './useSettleController';

/** Vessels of a lot that stand to clear: what rises by when, and when to skim. */
export function SettleScreen(): ReactElement {
  return <LotGate controller={useSettleController} View={SettleView} />;
}
