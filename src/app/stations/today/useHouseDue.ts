import { useMemo } from 'react';
import { useJarBoard } from '../../data/useJarBoard';
import { useCurrent } from '../../data/useWorkspaceModel';
import type { DueItem } from './dueItem';
import type { HouseSources } from './houseDue';
import { useLaterDue, type LaterPart } from './useLaterDue';

const HOUSE: LaterPart<HouseSources> = {
  load: async () => (await import('./houseDue')).houseDue,
  id: 'house',
  station: 'store',
  to: 'store/jars',
};

/** What occasions, samples and rounds of the house ask for; comes after the first paint. */
export function useHouseDue(nowMs: number): readonly DueItem[] {
  const board = useJarBoard();
  const log = useCurrent('house-log');
  const sources = useMemo(() => ({ board, log, nowMs }), [board, log, nowMs]);
  return useLaterDue(HOUSE, sources, nowMs);
}
