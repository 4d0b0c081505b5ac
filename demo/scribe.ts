import type { Scribe } from '../src/records';

import { DAY_MS } from '../src/core';
const MINUTE_MS = 60_000;
const MORNING_MS = 8 * 60 * MINUTE_MS;

/** ISO day so many days before today. */
export const dayBefore = (todayMs: number, daysAgo: number): string =>
  new Date(todayMs - daysAgo * DAY_MS).toISOString().slice(0, 10);

/** Writes with the identifiers of the demo, a minute apart from the morning of a day on. */
export function demoScribe(stem: string, todayMs: number, daysAgo: number, author = 'HH'): Scribe {
  const morning = todayMs - daysAgo * DAY_MS + MORNING_MS;
  let count = 0;
  return {
    newId: () => `demo-${stem}-${(count += 1)}`,
    now: () => new Date(morning + count * (MINUTE_MS / 3)).toISOString(),
    author,
  };
}
