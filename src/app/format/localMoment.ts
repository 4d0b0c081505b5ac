import { format, isValid, parseISO, startOfDay } from 'date-fns';

/** A moment as a date-and-time field of the browser shows it. */
export const localText = (iso: string): string => format(parseISO(iso), "yyyy-MM-dd'T'HH:mm");

/** The moment that such a field says, where the keeper is; null where it says none. */
export function momentOfLocal(text: string): string | null {
  const date = parseISO(text);
  return text !== '' && isValid(date) ? date.toISOString() : null;
}

/** Midnight before a moment, where the keeper is [ms since 1970]. */
export const midnightBefore = (ms: number): number => startOfDay(ms).getTime();
