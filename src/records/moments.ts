import { DATED_YEARS, DAY_MS } from '../core';
import { z } from './zod';

/** What a date outside the years of the books is met with, beside its field. */
export const YEAR_SENTENCE = `Check the year: it must lie between ${DATED_YEARS[0]} and ${DATED_YEARS[1]}.`;

/** Whether the year can be right; what is no date at all is told as such, not by its year. */
const isDated = (iso: string): boolean => {
  const year = /^(\d{4})-/.exec(iso)?.[1];
  return year === undefined || (Number(year) >= DATED_YEARS[0] && Number(year) <= DATED_YEARS[1]);
};

/** When something was read or checked; may lie before it was written down. */
export const momentField = z.iso
  .datetime({ precision: 3, error: 'A time looks like 2026-08-01T10:00:00.000Z.' })
  .refine(isDated, YEAR_SENTENCE);

/** A day of the calendar: it has no time zone. */
export const dayField = z.iso.date('Choose a day.').refine(isDated, YEAR_SENTENCE);

/** Days since the first of January 1970, with their part of a day. */
export const dayOfMoment = (moment: string): number => Date.parse(moment) / DAY_MS;

/** Initials of who read, tasted or checked; empty where not known. */
export const initialsField = z.string().trim().max(12, 'Initials have at most 12 letters.');
