import {
  ChevronRight,
  Filter,
  Hexagon,
  Microscope,
  CalendarRange,
  ThermometerSun,
  Warehouse,
  type LucideIcon,
} from 'lucide-react';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { selectWorkspace, useAppSelector } from '../../../store';
import { Button } from '../../ui/Button';
import { LongList } from '../../ui/page/LongList';
import { saveFile } from '../../ui/saveFile';
import { useSaving } from '../../ui/forms/useSaving';
import { byUrgency, dueWords, type DueItem, type DueStation } from './dueItem';
import { todayWords } from '../../words/english/today';

const STATIONS: Readonly<Record<DueStation, { name: string; mark: LucideIcon }>> = {
  hives: { name: todayWords.atTheHives(), mark: Hexagon },
  room: { name: todayWords.inTheWarmRoom(), mark: ThermometerSun },
  line: { name: todayWords.atTheLine(), mark: Filter },
  bench: { name: todayWords.atTheBench(), mark: Microscope },
  store: { name: todayWords.inTheStore(), mark: Warehouse },
  season: { name: todayWords.forTheSeason(), mark: CalendarRange },
};

/** Hands what comes over as an iCalendar file; its maker is loaded when it is first wanted. */
async function saveCalendar(items: readonly DueItem[], nowMs: number): Promise<void> {
  const { calendarText } = await import('../../format/calendarText');
  const entries = byUrgency(items)
    .filter((item) => Number.isFinite(item.atMs))
    .map(({ id, title, why, atMs }) => ({
      id,
      title,
      about: why,
      // What is overdue is put on now, where it is seen.
      atMs: Math.max(atMs, nowMs),
      hours: 0.5,
    }));
  saveFile('ripenum-to-do.ics', calendarText(entries), 'text/calendar');
}

const ROW =
  'flex min-h-16 w-full items-center gap-x-4 py-2 text-left hover:bg-lavender-pale sm:gap-x-6 sm:px-2';

interface DueRowProps {
  item: DueItem;
  nowMs: number;
  /** opens a frame that is looked at again */
  onLook: (boxId: string, slot: number) => void;
}

/** One thing that waits: it leads to its page, or opens its frame at once. */
function DueRow({ item, nowMs, onLook }: DueRowProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { when, overdue } = dueWords(item, nowMs);
  const { name, mark: Mark } = STATIONS[item.station];
  const { look } = item;
  const words = (
    <>
      <span className="w-24 shrink-0 text-base sm:w-40">
        {overdue ? <strong className="block">{todayWords.overdue()}</strong> : null}
        {item.atMs === -Infinity ? <strong>{when}</strong> : when}
      </span>
      <span className="grow">
        <span className="block text-xl leading-tight font-bold">{item.title}</span>
        <span className="block text-base text-ink-soft">{item.why}</span>
      </span>
      <span className="hidden w-44 shrink-0 items-center gap-2 text-base wide:flex">
        <Mark aria-hidden className="size-5" /> {name}
      </span>
      <ChevronRight aria-hidden className="size-6 shrink-0" />
    </>
  );
  return look ? (
    <button type="button" className={ROW} onClick={() => onLook(look.boxId, look.slot)}>
      {words}
    </button>
  ) : (
    <Link to={`/${workspace}/${item.to}`} className={ROW}>
      {words}
    </Link>
  );
}

/** What waits at all stations, the most urgent first, one act each; nothing where nothing waits. */
export function DueList({
  items,
  nowMs,
  onLook,
}: {
  items: readonly DueItem[];
  nowMs: number;
  onLook: DueRowProps['onLook'];
}): ReactElement | null {
  const saving = useSaving();
  if (items.length === 0) return null;
  return (
    <section aria-labelledby="due" className="mt-6">
      <h2 id="due" className="text-2xl font-bold">
        {todayWords.toDoMostUrgentFirst({ items: items.length })}
      </h2>
      <Button
        tone="quiet"
        className="mt-1 px-0!"
        onClick={() => saving(() => saveCalendar(items, nowMs))}
      >
        {todayWords.addTheseToMyCalendar()}
      </Button>
      <LongList
        items={byUrgency(items)}
        find={todayWords.findATask()}
        textsOf={({ title, why }) => [title, why]}
      >
        {(shown) => (
          <ul className="mt-1 divide-y divide-thread border-y-2 border-ink">
            {shown.map((item) => (
              <li key={`${item.station}-${item.id}`}>
                <DueRow item={item} nowMs={nowMs} onLook={onLook} />
              </li>
            ))}
          </ul>
        )}
      </LongList>
    </section>
  );
}
