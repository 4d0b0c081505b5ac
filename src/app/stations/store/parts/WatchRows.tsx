import {
  ChevronRight,
  Eye,
  Flame,
  Hexagon,
  PackageOpen,
  RotateCcw,
  Snowflake,
  CalendarClock,
  type LucideIcon,
} from 'lucide-react';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { allWell } from '../storeActs';
import { selectWorkspace, useAppDispatch, useAppSelector } from '../../../../store';
import { daysUntil } from '../../../../model/store/keeping';
import { type Watch, type WatchKind } from '../../../data/watchList';
import { formatDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { LongList } from '../../../ui/page/LongList';
import { sharedWords } from '../../../words/english/shared';
import type { StoredLot } from '../../../../model';
import { storeWords } from '../../../words/english/store';

const MARKS: Readonly<Record<WatchKind, LucideIcon>> = {
  rising: Flame,
  recheck: RotateCcw,
  setting: Snowflake,
  opened: PackageOpen,
  'best-before': CalendarClock,
  spring: Hexagon,
};

function whenWords(by: string, nowMs: number): string {
  const days = daysUntil(by, nowMs);
  if (days < 0) return storeWords.overdue();
  return days === 0 ? storeWords.today() : storeWords.byBy({ by: formatDay(by) });
}

/** What in the store is to be looked at, soonest first. */
export function WatchRows({
  watches,
  lots,
  nowMs,
}: {
  watches: readonly Watch[];
  lots: readonly StoredLot[];
  nowMs: number;
}): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const dispatch = useAppDispatch();
  /** A lot with containers that can be looked at; null for any other. */
  const lotOf = (lotId: string | null): StoredLot | undefined =>
    lots.find(
      (lot) => lot.file.lot.entityId === lotId && lot.vessels.some((each) => !each.isEmpty),
    );
  return (
    <section aria-labelledby="watch">
      <h2 id="watch" className="flex items-center gap-3 text-2xl font-bold">
        <Eye aria-hidden className="size-7" /> {storeWords.checkThese({ watches: watches.length })}
      </h2>
      {watches.length === 0 ? (
        <p className="mt-2 text-lg">{storeWords.nothingNeedsCheckingJustNow()}</p>
      ) : (
        <LongList
          items={watches}
          find={sharedWords.findInThisList()}
          textsOf={({ title, why }) => [title, why]}
        >
          {(shown) => (
            <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
              {shown.map(({ id, kind, lotId, title, why, by, to }) => {
                const Mark = MARKS[kind];
                return (
                  <li key={id} className="flex flex-wrap items-center gap-x-3 sm:flex-nowrap">
                    <Link
                      to={`/${workspace}/${to}`}
                      className="flex min-h-16 grow items-center gap-4 py-2 hover:bg-lavender-pale"
                    >
                      <Mark aria-hidden className="size-7 shrink-0" />
                      <span className="grow">
                        <span className="block text-xl leading-tight font-bold">{title}</span>
                        <span className="block text-base text-ink-soft">{why}</span>
                        <span className="block text-base font-semibold sm:hidden">
                          {whenWords(by, nowMs)}
                        </span>
                      </span>
                      <span className="hidden shrink-0 text-right text-base font-semibold sm:block">
                        {whenWords(by, nowMs)}
                      </span>
                      <ChevronRight aria-hidden className="size-6 shrink-0" />
                    </Link>
                    {kind === 'recheck' && lotOf(lotId) && (
                      <Button onClick={() => void dispatch(allWell(lotOf(lotId)!))}>
                        {storeWords.checkedAllWell2()}
                        <span className="sr-only">, {title}</span>
                      </Button>
                    )}
                  </li>
                );
              })}
            </ul>
          )}
        </LongList>
      )}
    </section>
  );
}
