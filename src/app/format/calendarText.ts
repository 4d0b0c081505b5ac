import { createEvents, type DateTime } from 'ics';

/** Something for a calendar. */
export interface CalendarEntry {
  readonly id: string;
  readonly title: string;
  readonly about: string;
  readonly atMs: number;
  /** at least a quarter of an hour [h] */
  readonly hours: number;
}

const startOf = (ms: number): DateTime => {
  const date = new Date(ms);
  return [
    date.getUTCFullYear(),
    date.getUTCMonth() + 1,
    date.getUTCDate(),
    date.getUTCHours(),
    date.getUTCMinutes(),
  ];
};

/** Entries as an iCalendar file (RFC 5545), each with a reminder a quarter of an hour before. */
export function calendarText(entries: readonly CalendarEntry[]): string {
  const { value, error } = createEvents(
    entries.map(({ id, title, about, atMs, hours }) => ({
      uid: `${id.replaceAll(' ', '-')}@ripenum.local`,
      title,
      description: about,
      start: startOf(atMs),
      startInputType: 'utc' as const,
      startOutputType: 'utc' as const,
      duration: { minutes: Math.max(15, Math.round(hours * 60)) },
      productId: 'ripenum',
      calName: 'Ripenum',
      alarms: [
        {
          action: 'display' as const,
          description: title,
          trigger: { minutes: 15, before: true },
        },
      ],
    })),
  );
  if (error || !value) throw error ?? new Error('no calendar came of it');
  return value;
}
