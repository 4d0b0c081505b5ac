import type { ReactElement } from 'react';
import { DayGate } from './parts/DayGate';
import { StrainerView } from './StrainerView';
import { useStrainerController } from './useStrainerController';

/** The strainer of a day: how long it takes, what it does, and what would make it faster. */
export function StrainerScreen(): ReactElement {
  return <DayGate controller={useStrainerController} View={StrainerView} />;
}
