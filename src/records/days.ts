import { DAY_MS } from '../core';

/** Days since 1970-01-01 of an ISO day, as the core counts them. */
export const dayNumber = (isoDay: string): number => Math.round(Date.parse(isoDay) / DAY_MS);

/** The ISO day of such a number. */
export const isoDayOf = (day: number): string => new Date(day * DAY_MS).toISOString().slice(0, 10);
