import type { ReactElement } from 'react';
import { isoDayOf, type Book, type SeasonAct } from '../../../../../model';
import { formatWeekDate } from '../../../../format/dates';
import { Button } from '../../../../ui/Button';
import { todayWords } from '../../../../words/english/today';
import { seasonActWords } from '../../../../words/seasonActWords';
import type { Offer } from '../../useWhenController';

interface ActRowProps {
  act: SeasonAct;
  book: Book;
  today: number;
  offers: readonly Offer[];
}

function dayWords(day: number, today: number): string {
  if (day === today) return todayWords.todayInside();
  return formatWeekDate(isoDayOf(day));
}

/** A proposed day: when, what, why, and what can be done at a tap. */
export function ActRow({ act, book, today, offers }: ActRowProps): ReactElement {
  const { title, why } = seasonActWords(act, book);
  const isLate = act.day < today;
  return (
    <li className="grid gap-x-5 gap-y-1 py-3 sm:grid-cols-[9.5rem_1fr_auto] sm:items-center">
      <span className="text-2xl leading-tight font-bold tabular-nums">
        {isLate && <span className="block text-base">{todayWords.overdue()}</span>}
        {dayWords(act.day, today)}
      </span>
      <span>
        <span className="block text-xl leading-tight font-bold">{title}</span>
        <span className="block max-w-3xl text-base text-ink-soft">{why}</span>
      </span>
      {offers.length > 0 && (
        <span className="flex flex-wrap gap-2">
          {offers.map(({ label, press }) => (
            <Button key={label} onClick={press}>
              {label}
              <span className="sr-only"> {title}</span>
            </Button>
          ))}
        </span>
      )}
    </li>
  );
}
