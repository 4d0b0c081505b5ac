import { UTCDate, utc } from '@date-fns/utc';
import { isValid, parse, parseISO } from 'date-fns';
import { DATED_YEARS } from '../../core';
import { momentOfWall, wallMs } from '../../model';
import { formatsWords } from '../words/english/formats';

/** In which order the parts of a date stand. */
export const DATE_ORDERS = ['iso', 'dmy', 'mdy', 'unix'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

export const DATE_ORDER_NAMES: Readonly<Record<DateOrder, string>> = {
  iso: formatsWords.yearMonthDay(),
  dmy: formatsWords.dayMonthYear(),
  mdy: formatsWords.monthDayYear(),
  unix: formatsWords.secondsSince1970(),
};

const DATE_PATTERNS = { iso: 'yyyy/M/d', dmy: 'd/M/yyyy', mdy: 'M/d/yyyy' } as const;

/** Earliest and latest time that a log may have [ms]: what is outside was read wrongly. */
const EARLIEST_MS = Date.UTC(DATED_YEARS[0], 0, 1);
const LATEST_MS = Date.UTC(DATED_YEARS[1] + 1, 0, 1);

/** A time as a cell says it: a moment of the world, or what a clock on the wall showed. */
export interface LogTime {
  readonly is: 'moment' | 'wall';
  /** [ms since 1970]; of the wall as if it hung in Greenwich */
  readonly ms: number;
}

function plausible(is: LogTime['is'], ms: number): LogTime | null {
  return ms >= EARLIEST_MS && ms < LATEST_MS ? { is, ms } : null;
}

function unixTime(text: string): LogTime | null {
  if (!/^\d{9,13}(\.\d+)?$/.test(text)) return null;
  const value = Number(text);
  return plausible('moment', value > 1e11 ? value : value * 1000);
}

/** Date and clock with the separators that the patterns have. */
function evenly(text: string, order: DateOrder): { date: string; clock: string } {
  const [date = '', ...rest] = text.trim().split(/[\sT,]+/);
  const clock = rest.join(' ').replace(/[zZ]$/, '').replace(/\.\d+/, '');
  const even = date.replace(/[.-]/g, '/').replace(/\/$/, '');
  const full = order === 'iso' ? even : even.replace(/\/(\d\d)$/, '/20$1');
  return { date: full, clock: clock === '' ? '0:00' : clock };
}

function clockPattern(clock: string): string {
  const seconds = /\d:\d+:\d/.test(clock) ? ':ss' : '';
  return /[ap]\.?m/i.test(clock) ? `h:mm${seconds} a` : `H:mm${seconds}`;
}

/** The time that a cell says, or null. */
export function readLogTime(text: string, order: DateOrder): LogTime | null {
  const trimmed = text.trim();
  if (order === 'unix') return unixTime(trimmed);
  if (order === 'iso' && /^\d{4}-\d\d-\d\dT.*(Z|[+-]\d\d:?\d\d)$/.test(trimmed)) {
    return plausible('moment', parseISO(trimmed).getTime());
  }
  const { date, clock } = evenly(trimmed, order);
  // Read as if in Greenwich, where every hour of the clock is there, and there once.
  const parsed = parse(
    `${date} ${clock}`,
    `${DATE_PATTERNS[order]} ${clockPattern(clock)}`,
    new UTCDate(2000, 0, 1),
    { in: utc },
  );
  return isValid(parsed) ? plausible('wall', parsed.getTime()) : null;
}

/** An hour that clocks are set by [ms]. */
const HOUR_MS = 3_600_000;

/** Whether clocks on the wall never showed this: they were set forward past it. */
const isSkipped = (wall: number): boolean => wallMs(momentOfWall(wall)) !== wall;

/** How far the clock on the wall is ahead of Greenwich in winter and summer, the lesser [ms]. */
const standardAhead = (wall: number): number => {
  const year = new Date(wall).getUTCFullYear();
  const ahead = [Date.UTC(year, 0, 1), Date.UTC(year, 6, 1)].map((ms) => wallMs(ms) - ms);
  return Math.min(...ahead);
};

/**
 * The moments of a log from its times in the order of its lines, none lost on days on which clocks are
 * set. Where the clock shows an hour twice, lines go on in time, whichever end the log begins at; a
 * logger that shows an hour which no clock on the wall had was never set forward at all.
 *
 * @returns [ms since 1970], one a time
 */
export function logMoments(times: readonly LogTime[]): number[] {
  const walls = times.filter((logTime) => logTime.is === 'wall').map((logTime) => logTime.ms);
  const neverSet = walls.some(isSkipped);
  const [first = 0, last = 0] = [walls[0], walls.at(-1)];
  const step = first <= last ? 1 : -1;
  const moments: number[] = [];
  times.forEach(({ is, ms }) => {
    if (is === 'moment') return moments.push(ms);
    if (neverSet) return moments.push(ms - standardAhead(ms));
    const once = momentOfWall(ms);
    const isTwice = wallMs(once + HOUR_MS) === ms;
    if (!isTwice) return moments.push(once);
    const before = moments.at(-1);
    const again = once + HOUR_MS;
    const goesOn =
      step > 0 ? before !== undefined && once <= before : before === undefined || again < before;
    return moments.push(goesOn ? again : once);
  });
  return moments;
}

/** How well an order fits: most times read, then most of them going forward, then shortest in all. */
function fitOf(texts: readonly string[], order: DateOrder): [number, number, number] {
  const times = texts.flatMap((text) => readLogTime(text, order)?.ms ?? []);
  const forward = times.slice(1).filter((value, at) => value > (times[at] ?? 0)).length;
  const span = times.length > 1 ? Math.max(...times) - Math.min(...times) : 0;
  return [times.length, forward, -span];
}

/** The order in which the dates of a log most likely stand. */
export function guessDateOrder(texts: readonly string[]): DateOrder {
  const some = texts.slice(0, 300);
  const fits = DATE_ORDERS.map((order) => ({ order, fit: fitOf(some, order) }));
  fits.sort((a, b) => b.fit[0] - a.fit[0] || b.fit[1] - a.fit[1] || b.fit[2] - a.fit[2]);
  return fits[0]?.order ?? 'iso';
}
