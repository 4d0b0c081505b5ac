import type { ReactElement } from 'react';
import { useQuickTakeController } from './useQuickTakeController';
import { QuickTakeView } from './QuickTakeView';

/** Three frames and a bucket: from the comb to a lot on one screen. */
export function QuickTakeScreen(): ReactElement {
  return <QuickTakeView {...useQuickTakeController()} />;
}
