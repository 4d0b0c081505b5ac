import { z } from './zod';

const MS_PER_DAY = 86_400_000;

/** When something was read or checked; may lie before it was written down. */
export const momentField = z.iso.datetime({
  precision: 3,
  error: 'A time looks like 2026-08-01T10:00:00.000Z.',
});

/** Days since the first of January 1970, with their part of a day. */
export const dayOfMoment = (moment: string): number => Date.parse(moment) / MS_PER_DAY;

/** Initials of who read, tasted or checked; empty where not known. */
export const initialsField = z.string().trim().max(12, 'Initials have at most 12 letters.');
