import { useMemo } from 'react';
import { useLooksWith } from '../../db';
import { boxOf, colonyOf, lastLooks } from '../../model';
import { selectWorkspace, useAppSelector } from '../../store';
import { useBook } from './useWorkspaceModel';
import { todayWords } from '../words/english/today';

/** A comb kept whole for spring feeding. */
export interface SpringComb {
  readonly frameId: string;
  /** day of the last look */
  readonly day: string;
  readonly hasOpenCells: boolean;
  readonly place: string;
}

/** Combs whose last look kept them for spring; none while loading. */
export function useSpringCombs(): readonly SpringComb[] {
  const workspace = useAppSelector(selectWorkspace);
  const book = useBook();
  const records = useLooksWith(workspace, 'keep-for-spring');
  return useMemo(() => {
    if (!records) return [];
    return lastLooks(records)
      .filter((lastLook) => lastLook.check.decision.act === 'keep-for-spring')
      .map(({ frame, check }) => {
        const box = boxOf(book, frame.boxId);
        const hive = colonyOf(book, box?.content.colonyId ?? null)?.content.name;
        return {
          frameId: check.frameId,
          day: check.day,
          hasOpenCells: check.sides.some(
            ({ method, quick }) => method === 'quick' && quick.cappedTenths < 10,
          ),
          place: [hive, box?.content.label, todayWords.place({ slot: check.slot })]
            .filter(Boolean)
            .join(', '),
        };
      });
  }, [book, records]);
}
