import { parseISO } from 'date-fns';
import { useMemo } from 'react';
import { useLooksDue } from '../../../db';
import { boxOf, colonyOf, harvestOf, lastLooks, type Book } from '../../../model';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useStanding } from '../../data/useStanding';
import { dueList, type Due } from './dueList';
import type { DueItem } from './dueItem';
import { useBook } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { todayWords } from '../../words/english/today';

/** The frame last in hand, where somebody was interrupted. */
function standingDue(book: Book, standing: ReturnType<typeof useStanding>[0]): Due | null {
  const harvest = harvestOf(book, standing?.harvestId ?? null);
  const box = boxOf(book, standing?.boxId ?? null);
  if (!standing || !harvest || !box) return null;
  const hive = colonyOf(book, box.content.colonyId)?.content.name;
  const where = [hive, box.content.label, commonWords.frame({ slot: standing.slot })];
  return {
    id: 'standing',
    at: harvest.content.day,
    title: todayWords.carryOnAt({ where: where.filter((one) => one !== undefined).join(', ') }),
    why: harvest.content.name,
    to: `comb/${harvest.entityId}/box/${box.entityId}`,
    overdue: false,
  };
}

const itemOf = ({ id, at, title, why, to }: Due): DueItem => ({
  id,
  title,
  why,
  to,
  station: 'hives',
  timed: at.length > 10,
  atMs: id === 'standing' ? -Infinity : parseISO(at).getTime(),
});

const NOTHING: readonly DueItem[] = [];

/** What waits at the hives: looks, clocks, boards, and the frame last in hand. */
export function useHivesDue(): readonly DueItem[] {
  const workspace = useAppSelector(selectWorkspace);
  const book = useBook();
  const records = useLooksDue(workspace);
  const [standing] = useStanding();
  return useMemo(() => {
    if (!records) return NOTHING;
    const here = standingDue(book, standing);
    const rest = dueList(lastLooks(records), book, new Date());
    return (here ? [here, ...rest] : rest).map(itemOf);
  }, [book, records, standing]);
}
