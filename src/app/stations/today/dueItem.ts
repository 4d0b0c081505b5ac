import { isSameDay } from 'date-fns';
import { formatWeekDate, formatWeekTime } from '../../format/dates';
import { commonWords } from '../../words/english/common';
import { todayWords } from '../../words/english/today';

/** Where something is done. */
export const DUE_STATIONS = ['hives', 'room', 'line', 'bench', 'store', 'season'] as const;
export type DueStation = (typeof DUE_STATIONS)[number];

/** Something that waits: when, what, why, and the one page where it is done. */
export interface DueItem {
  readonly id: string;
  readonly station: DueStation;
  /** when it is due [ms since 1970]; -Infinity for what is under way now */
  readonly atMs: number;
  /** before everything else, whatever its time */
  readonly urgent?: true;
  /** whether the time of day matters */
  readonly timed: boolean;
  readonly title: string;
  readonly why: string;
  /** page below the workspace */
  readonly to: string;
  /** the frame that is opened at once, on the day that is under way or a new one */
  readonly look?: { readonly boxId: string; readonly slot: number };
}

/** The most urgent first: what is under way, what is overdue, what comes. */
export const byUrgency = (items: readonly DueItem[]): DueItem[] =>
  [...items].sort(
    (a, b) =>
      Number(b.urgent ?? false) - Number(a.urgent ?? false) ||
      (a.atMs === b.atMs ? 0 : a.atMs - b.atMs) ||
      a.title.localeCompare(b.title),
  );

/** When it is due, in words; a day is overdue once it is over. */
export function dueWords(
  { atMs, timed }: DueItem,
  nowMs: number,
): { when: string; overdue: boolean } {
  if (atMs === -Infinity) return { when: commonWords.now(), overdue: false };
  const overdue = timed ? atMs < nowMs : atMs < nowMs && !isSameDay(atMs, nowMs);
  if (timed) return { when: formatWeekTime(atMs), overdue };
  return {
    when: isSameDay(atMs, nowMs) ? todayWords.todayInside() : formatWeekDate(atMs),
    overdue,
  };
}
