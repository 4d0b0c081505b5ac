import { DAY_MS } from '../../core';

export const isoDay = (day: number): string => new Date(day * DAY_MS).toISOString().slice(0, 10);

/** The day asked for, since 1970-01-01; null where it is none. */
export function firstDay(text: string | undefined): number | null {
  if (text === undefined || !/^\d{4}-\d{2}-\d{2}$/.test(text)) return null;
  const day = Date.parse(text) / DAY_MS;
  return day >= 100 && day < 50_000 ? day : null;
}
