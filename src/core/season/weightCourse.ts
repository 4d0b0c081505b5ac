import { requireFinite, requireInRange } from '../errors';

/** A hive weighed on a day since 1970-01-01 [kg]. */
export interface WeighedDay {
  readonly day: number;
  readonly massKg: number;
}

/** Weights further apart than this tell nothing of a week [d]. @source our choice */
const FURTHEST_APART_DAYS = 21;

/** From so much a day on, over days, nectar comes [kg/d]. @source common practice, no source */
const FLOW_KG_PER_DAY = 0.5;

/** A flow is seen over so many days: one warm day is none [d]. @source our choice */
const SEEN_OVER_DAYS = 3;

/** What weights tell. */
export interface WeightCourse {
  /** between the last two weighings that may be compared [kg/d]; null where none may */
  readonly kgPerDay: number | null;
  /** days between them */
  readonly days: number | null;
  /** the first day of the present gain; null where nothing is gained now */
  readonly gainsSince: number | null;
}

/**
 * What the weights of a hive tell of the nectar that comes. Weighings with a box put on or taken off
 * between them are not compared.
 *
 * @param weights - any order; of two of a day the later in the list counts
 * @param changes - days on which boxes went on or came off
 * @throws DomainError `out-of-range` for masses that no hive has
 * @source common practice, no source
 */
export function weightCourse(
  weights: readonly WeighedDay[],
  changes: readonly number[] = [],
): WeightCourse {
  requireFinite({ weights, changes }, 'weightCourse');
  const place = { fn: 'weightCourse', param: 'weights', unit: 'kg' };
  for (const { massKg } of weights) requireInRange(massKg, [0, 1000], place);
  const byDay = [...new Map(weights.map((each) => [each.day, each])).values()].sort(
    (a, b) => a.day - b.day,
  );
  const isChanged = (from: number, to: number): boolean =>
    changes.some((day) => day >= from && day <= to);
  const pairs = byDay.slice(1).map((after, at) => {
    const before = byDay[at]!;
    const days = after.day - before.day;
    const mayCompare = days <= FURTHEST_APART_DAYS && !isChanged(before.day, after.day);
    return { from: before.day, days, kg: mayCompare ? after.massKg - before.massKg : null };
  });
  const last = pairs.at(-1);
  if (!last || last.kg === null) return { kgPerDay: null, days: null, gainsSince: null };
  const stop = pairs
    .map(({ kg, days }) => kg === null || kg / days < FLOW_KG_PER_DAY)
    .lastIndexOf(true);
  const gaining = pairs.slice(stop + 1);
  const gainedDays = gaining.reduce((sum, { days }) => sum + days, 0);
  return {
    kgPerDay: last.kg / last.days,
    days: last.days,
    gainsSince: gainedDays >= SEEN_OVER_DAYS ? (gaining[0]?.from ?? null) : null,
  };
}
