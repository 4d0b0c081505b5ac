import type { ReactElement } from 'react';
import { DayView } from './DayView';
import { DayGate } from './parts/DayGate';
import { useDayController } from './useDayController';

/** One day at the extraction line: when it is done, who does what, and what would help. */
export function DayScreen(): ReactElement {
  return <DayGate controller={useDayController} View={DayView} />;
}
