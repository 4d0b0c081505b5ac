import { DATED_YEARS, DAY_MS } from '../core';
import { z } from './zod';
import { textField, wrong } from './fields';

/** What is wrong with a date outside the years of the books. */
export const WRONG_YEAR = wrong('year', ...DATED_YEARS);

/** Whether the year can be right; what is no date at all is given as such, not by its year. */
const isDated = (iso: string): boolean => {
  const year = /^(\d{4})-/.exec(iso)?.[1];
  return year === undefined || (Number(year) >= DATED_YEARS[0] && Number(year) <= DATED_YEARS[1]);
};

/** When something was read or checked; may lie before it was written down. */
export const momentField = z.iso
  .datetime({ precision: 3, error: 'badTime' })
  .refine(isDated, WRONG_YEAR);

/** A day of the calendar: it has no time zone. */
export const dayField = z.iso.date('dayMissing').refine(isDated, WRONG_YEAR);

/** Days since the first of January 1970, with their part of a day. */
export const dayOfMoment = (moment: string): number => Date.parse(moment) / DAY_MS;

/** Initials of who read, tasted or checked; empty where not known. */
export const initialsField = textField(12);
