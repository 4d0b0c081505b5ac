/** A day in milliseconds. */
export const DAY_MS = 86_400_000;

/**
 * First and last year in which anything can be dated. The schemas refuse other years, and every
 * computation takes any span that fits between them.
 */
export const DATED_YEARS = [2000, 2099] as const;

/** The longest time between two dates that can be written down [d]. */
export const LONGEST_SPAN_DAYS = 366 * (DATED_YEARS[1] - DATED_YEARS[0] + 1);

/** The longest that combs are followed through a warm room [d]: they dry in days. */
export const LONGEST_DRYING_DAYS = 400;

/** The longest that one batch may be said to be in [d]; the rest of a run is what lies ahead. */
export const LONGEST_BATCH_DAYS = 180;
