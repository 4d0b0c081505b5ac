import { ChevronRight } from 'lucide-react';
import { useMemo, type ReactElement } from 'react';
import { Link } from 'react-router';
import { useLooksDue } from '../../../db';
import { boxOf, colonyOf, harvestOf, lastLooks, type Book } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useBook } from '../../data/useBook';
import { useStanding } from '../../data/useStanding';
import { formatDay, formatMoment } from '../../format/dates';
import { dueList, type Due } from './dueList';

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

const whenWords = ({ at }: Due): string => (at.length > 10 ? formatMoment(at) : formatDay(at));

/** What waits at the hives: looks, clocks, boards, and the frame last in hand. */
export function DueSection(): ReactElement | null {
  const workspace = useAppSelector(selectWorkspace);
  const book = useBook();
  const records = useLooksDue(workspace);
  const [standing] = useStanding();
  const due = useMemo(() => {
    if (!book || !records) return [];
    const here = standingDue(book, standing);
    const rest = dueList(lastLooks(records), book, new Date());
    return here ? [here, ...rest] : rest;
  }, [book, records, standing]);
  if (due.length === 0) return null;
  return (
    <section aria-labelledby="hives" className="mt-6">
      <h2 id="hives" className="text-2xl font-bold">
        At the hives ({due.length})
      </h2>
      <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
        {due.map((one) => (
          <li key={one.id}>
            <Link
              to={`/${workspace}/${one.to}`}
              className="flex min-h-16 items-center gap-x-6 py-2 hover:bg-lavender-pale sm:px-2"
            >
              <span className="w-28 shrink-0 text-base sm:w-44">
                {whenWords(one)}
                {one.overdue && <strong className="block">overdue</strong>}
              </span>
              <span className="grow">
                <span className="block text-xl leading-tight font-bold">{one.title}</span>
                <span className="block text-base text-ink-soft">{one.why}</span>
              </span>
              <ChevronRight aria-hidden className="size-6 shrink-0" />
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
