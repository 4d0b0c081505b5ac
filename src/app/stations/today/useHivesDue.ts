import { useNow } from '../../data/useNow';
import { parseISO } from 'date-fns';
import { useMemo } from 'react';
import { useLooksDue } from '../../../db';
import { boxOf, colonyOf, harvestOf, lastLooks, type Book } from '../../../model';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useCombPlace } from '../../data/useCombPlace';
import { dueList, type Due } from './dueList';
import type { DueItem } from './dueItem';
import { useBook } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { todayWords } from '../../words/english/today';

/** The frame last in hand, where somebody was interrupted. */
function combPlaceDue(book: Book, combPlace: ReturnType<typeof useCombPlace>[0]): Due | null {
  const harvest = harvestOf(book, combPlace?.harvestId ?? null);
  const box = boxOf(book, combPlace?.boxId ?? null);
  if (!combPlace || !harvest || !box) return null;
  const hive = colonyOf(book, box.content.colonyId)?.content.name;
  const where = [hive, box.content.label, commonWords.frame({ slot: combPlace.slot })];
  return {
    id: 'comb-place',
    at: harvest.content.day,
    title: todayWords.carryOnAt({ where: where.filter((text) => text !== undefined).join(', ') }),
    why: harvest.content.name,
    to: `comb/${harvest.entityId}/box/${box.entityId}`,
    overdue: false,
  };
}

const itemOf = ({ id, at, title, why, to, look }: Due): DueItem => ({
  id,
  title,
  why,
  to,
  station: 'hives',
  ...(look && { look }),
  timed: at.length > 10,
  atMs: id === 'comb-place' ? -Infinity : parseISO(at).getTime(),
});

const NOTHING: readonly DueItem[] = [];

/** What waits at the hives: looks, clocks, boards, and the frame last in hand. */
export function useHivesDue(): readonly DueItem[] {
  const workspace = useAppSelector(selectWorkspace);
  const book = useBook();
  const records = useLooksDue(workspace);
  const [combPlace] = useCombPlace();
  const nowMs = useNow(60_000);
  return useMemo(() => {
    if (!records) return NOTHING;
    const here = combPlaceDue(book, combPlace);
    const rest = dueList(lastLooks(records), book, new Date(nowMs));
    return (here ? [here, ...rest] : rest).map(itemOf);
  }, [book, records, combPlace, nowMs]);
}
