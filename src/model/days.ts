import { DAY_MS } from '../core';

/** Days since 1970-01-01 of an ISO day, as the core counts them. */
export const dayNumber = (isoDay: string): number => Math.round(Date.parse(isoDay) / DAY_MS);

/** The ISO day of such a number. */
export const isoDayOf = (day: number): string => new Date(day * DAY_MS).toISOString().slice(0, 10);

const two = (value: number): string => String(value).padStart(2, '0');

/** The day of the calendar on which something was, where the keeper is. */
export function localDayOf(moment: string | number): string {
  const date = new Date(moment);
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** What the clock on the wall says, as if it were that of Greenwich [ms]: it jumps where clocks do. */
export function wallMs(moment: number): number {
  const date = new Date(moment);
  return Date.UTC(
    date.getFullYear(),
    date.getMonth(),
    date.getDate(),
    date.getHours(),
    date.getMinutes(),
    date.getSeconds(),
    date.getMilliseconds(),
  );
}

/** When the clock on the wall says something; the first time where it says it twice [ms]. */
export function momentOfWall(wall: number): number {
  const date = new Date(wall);
  return new Date(
    date.getUTCFullYear(),
    date.getUTCMonth(),
    date.getUTCDate(),
    date.getUTCHours(),
    date.getUTCMinutes(),
    date.getUTCSeconds(),
    date.getUTCMilliseconds(),
  ).getTime();
}
