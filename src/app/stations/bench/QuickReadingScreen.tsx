import type { ReactElement } from 'react';
import { QuickReadingView } from './QuickReadingView';
import { useQuickReadingController } from './useQuickReadingController';

/** A dial and a temperature, no lot: what to do with this honey. */
export function QuickReadingScreen(): ReactElement {
  return <QuickReadingView {...useQuickReadingController()} />;
}
