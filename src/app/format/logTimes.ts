import { isValid, parse, parseISO } from 'date-fns';

/** In which order the parts of a date stand. */
export const DATE_ORDERS = ['iso', 'dmy', 'mdy', 'unix'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

export const DATE_ORDER_NAMES: Readonly<Record<DateOrder, string>> = {
  iso: 'year, month, day',
  dmy: 'day, month, year',
  mdy: 'month, day, year',
  unix: 'seconds since 1970',
};

const DATE_PATTERNS = { iso: 'yyyy/M/d', dmy: 'd/M/yyyy', mdy: 'M/d/yyyy' } as const;

/** Earliest and latest time that a log may have [ms]: what is outside was read wrongly. */
const EARLIEST_MS = Date.parse('1990-01-01T00:00:00Z');
const LATEST_MS = Date.parse('2100-01-01T00:00:00Z');

const plausible = (ms: number): number | null => (ms >= EARLIEST_MS && ms <= LATEST_MS ? ms : null);

function unixTime(text: string): number | null {
  if (!/^\d{9,13}(\.\d+)?$/.test(text)) return null;
  const value = Number(text);
  return plausible(value > 1e11 ? value : value * 1000);
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

/** The time that a cell says [ms since 1970, local where it names no zone], or null. */
export function readLogTime(text: string, order: DateOrder): number | null {
  const trimmed = text.trim();
  if (order === 'unix') return unixTime(trimmed);
  if (order === 'iso' && /^\d{4}-\d\d-\d\dT.*(Z|[+-]\d\d:?\d\d)$/.test(trimmed)) {
    return plausible(parseISO(trimmed).getTime());
  }
  const { date, clock } = evenly(trimmed, order);
  const parsed = parse(
    `${date} ${clock}`,
    `${DATE_PATTERNS[order]} ${clockPattern(clock)}`,
    new Date(2000, 0, 1),
  );
  return isValid(parsed) ? plausible(parsed.getTime()) : null;
}

/** How well an order fits: most times read, then most of them going forward, then shortest in all. */
function fitOf(texts: readonly string[], order: DateOrder): [number, number, number] {
  const times = texts.flatMap((one) => readLogTime(one, order) ?? []);
  const forward = times.slice(1).filter((one, at) => one > (times[at] ?? 0)).length;
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
