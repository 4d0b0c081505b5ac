import { addDays, addMonths, format, parseISO } from 'date-fns';
import { clockNow } from '../../store/clock';
import { formatsWords } from '../words/english/formats';
import { locale } from '../words/language';

/** An ISO text, milliseconds since 1970 or a date, read where the keeper is. */
type Moment = string | number | Date;

const dateOf = (moment: Moment): Date =>
  typeof moment === 'string' ? parseISO(moment) : new Date(moment);

/** Names of months and days; the table of names is made when it is first asked for. */
const named = (options: Intl.DateTimeFormatOptions) => {
  let names: Intl.DateTimeFormat | null = null;
  return (date: Date): string => (names ??= new Intl.DateTimeFormat(locale, options)).format(date);
};
const monthOf = named({ month: 'short' });
const weekdayOf = named({ weekday: 'short' });
const longWeekdayOf = named({ weekday: 'long' });

const dayAndMonth = (date: Date) => ({ day: date.getDate(), month: monthOf(date) });

/** 14:05 */
export const formatTime = (moment: Moment): string => format(dateOf(moment), 'HH:mm');

/** 3 Aug */
export const formatDayMonth = (moment: Moment): string =>
  formatsWords.dayMonth(dayAndMonth(dateOf(moment)));

/** 3 Aug 2026 */
export function formatDay(moment: Moment): string {
  const date = dateOf(moment);
  return formatsWords.shortDate({ ...dayAndMonth(date), year: String(date.getFullYear()) });
}

/** 3 Aug 2026, 14:05 */
export const formatMoment = (moment: Moment): string =>
  formatsWords.dateAndTime({ date: formatDay(moment), time: formatTime(moment) });

/** 3 Aug, 14:05 */
export const formatDayTime = (moment: Moment): string =>
  formatsWords.dateAndTime({ date: formatDayMonth(moment), time: formatTime(moment) });

/** Monday */
export const formatWeekday = (moment: Moment): string => longWeekdayOf(dateOf(moment));

/** Monday 14:05 */
export const formatWeekdayTime = (moment: Moment): string =>
  formatsWords.weekdayAnd({ weekday: formatWeekday(moment), rest: formatTime(moment) });

/** Mon 3 */
export const formatShortDay = (moment: Moment): string => {
  const date = dateOf(moment);
  return formatsWords.weekdayAnd({ weekday: weekdayOf(date), rest: String(date.getDate()) });
};

/** Mon 14:05 */
export const formatShortTime = (moment: Moment): string =>
  formatsWords.weekdayAnd({ weekday: weekdayOf(dateOf(moment)), rest: formatTime(moment) });

/** Mon 3 Aug */
export const formatWeekDate = (moment: Moment): string =>
  formatsWords.weekdayAnd({ weekday: weekdayOf(dateOf(moment)), rest: formatDayMonth(moment) });

/** Monday 3 Aug */
export const formatLongDate = (moment: Moment): string =>
  formatsWords.weekdayAnd({ weekday: formatWeekday(moment), rest: formatDayMonth(moment) });

/** Mon 3 Aug, 14:05 */
export const formatWeekTime = (moment: Moment): string =>
  formatsWords.dateAndTime({ date: formatWeekDate(moment), time: formatTime(moment) });

/** Aug */
export const formatMonth = (moment: Moment): string => monthOf(dateOf(moment));

/** Aug 26 */
export const formatMonthYear = (moment: Moment): string => {
  const date = dateOf(moment);
  return formatsWords.monthYear({ month: monthOf(date), year: format(date, 'yy') });
};

/** 2026-08-03 */
export const isoDay = (date: Date): string => format(date, 'yyyy-MM-dd');

/** The day that the calendar of this workspace shows: 2026-08-03. */
export const isoToday = (): string => isoDay(clockNow());

/** Month of 30 days, used for parts of a month only. */
const DAYS_PER_MONTH = 30;

/** The day that lies so many months (parts of a month allowed) after another. */
export function dayAfterMonths(fromIso: string, months: number): string {
  const whole = Math.trunc(months);
  const days = Math.round((months - whole) * DAYS_PER_MONTH);
  return isoDay(addDays(addMonths(parseISO(fromIso), whole), days));
}
