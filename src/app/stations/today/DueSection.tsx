import { useMemo, type ReactElement } from 'react';
import { useLooksDue } from '../../../db';
import { boxOf, colonyOf, harvestOf, lastLooks, type Book } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useBook } from '../../data/useBook';
import { useStanding } from '../../data/useStanding';
import { formatDay, formatMoment } from '../../format/dates';
import { dueList, type Due } from './dueList';
import { DueRows, type DueRow } from './DueRows';

/** The frame last in hand, where somebody was interrupted. */
function standingDue(book: Book, standing: ReturnType<typeof useStanding>[0]): Due | null {
  const harvest = harvestOf(book, standing?.harvestId ?? null);
  const box = boxOf(book, standing?.boxId ?? null);
  if (!standing || !harvest || !box) return null;
  const hive = colonyOf(book, box.content.colonyId)?.content.name;
  const where = [hive, box.content.label, `frame ${standing.slot}`];
  return {
    id: 'standing',
    at: harvest.content.day,
    title: `Go on at ${where.filter((one) => one !== undefined).join(', ')}`,
    why: harvest.content.name,
    to: `comb/${harvest.entityId}/box/${box.entityId}`,
    overdue: false,
  };
}

const rowOf = (due: Due): DueRow => ({
  ...due,
  when: (
    <>
      {due.at.length > 10 ? formatMoment(due.at) : formatDay(due.at)}
      {due.overdue && <strong className="block">overdue</strong>}
    </>
  ),
});

/** What waits at the hives: looks, clocks, boards, and the frame last in hand. */
export function DueSection(): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const book = useBook();
  const records = useLooksDue(workspace);
  const [standing] = useStanding();
  const rows = useMemo(() => {
    if (!book || !records) return [];
    const here = standingDue(book, standing);
    const rest = dueList(lastLooks(records), book, new Date());
    return (here ? [here, ...rest] : rest).map(rowOf);
  }, [book, records, standing]);
  return <DueRows id="hives" title="At the hives" rows={rows} />;
}
