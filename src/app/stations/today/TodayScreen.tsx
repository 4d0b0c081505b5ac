import type { ReactElement } from 'react';
import { TodayView } from './TodayView';
import { useTodayController } from './useTodayController';

/** What waits at every station, then all lots, those that wait for a decision first. */
export function TodayScreen(): ReactElement {
  return <TodayView {...useTodayController()} />;
}
