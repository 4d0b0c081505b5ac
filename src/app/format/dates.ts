import { addDays, addMonths, format, parseISO } from 'date-fns';

/** 3 Aug 2026 */
export const formatDay = (iso: string): string => format(parseISO(iso), 'd MMM yyyy');

/** 3 Aug 2026, 14:05 */
export const formatMoment = (iso: string): string => format(parseISO(iso), 'd MMM yyyy, HH:mm');

/** 2026-08-03 */
export const isoDay = (date: Date): string => format(date, 'yyyy-MM-dd');

/** Month of 30 days, used for parts of a month only. */
const DAYS_PER_MONTH = 30;

/** The day that lies so many months (parts of a month allowed) after another. */
export function dayAfterMonths(fromIso: string, months: number): string {
  const whole = Math.trunc(months);
  const days = Math.round((months - whole) * DAYS_PER_MONTH);
  return isoDay(addDays(addMonths(parseISO(fromIso), whole), days));
}
