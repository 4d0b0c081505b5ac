import { requireFinite, requireInRange } from '../errors';

/** Jars of one run that are free. */
export interface FreeJars {
  readonly id: string;
  /** net weight [g] */
  readonly jarG: number;
  readonly free: number;
  /** ISO day */
  readonly bestBefore: string;
}

/** Jars that are wanted by a day. */
export interface WantedJars {
  readonly id: string;
  /** ISO day */
  readonly day: string;
  /** net weight [g]; null where any size will do */
  readonly jarG: number | null;
  readonly count: number;
}

/** From which runs the jars of an occasion come. */
export interface Allotment {
  readonly id: string;
  readonly from: readonly { readonly id: string; readonly count: number }[];
  /** jars that are not there */
  readonly short: number;
}

/** Sizes are the same within this [g]: an ounce is no whole number of grams. */
const SAME_SIZE_G = 0.6;

const fits = (jars: FreeJars, wanted: WantedJars): boolean =>
  jars.bestBefore >= wanted.day &&
  (wanted.jarG === null || Math.abs(jars.jarG - wanted.jarG) <= SAME_SIZE_G);

/** Those who want one size choose before those to whom any will do, on the same day. */
const byDay = (a: WantedJars, b: WantedJars): number =>
  a.day.localeCompare(b.day) || Number(a.jarG === null) - Number(b.jarG === null);

/**
 * Which jars go to which occasion: the earliest occasion first, and for each the oldest stock that still
 * keeps on its day. No jar is promised twice.
 *
 * @returns in the order of the days
 * @throws DomainError `out-of-range` for counts that are no number of jars
 */
export function allotJars(stock: readonly FreeJars[], wanted: readonly WantedJars[]): Allotment[] {
  requireFinite({ stock, wanted }, 'allotJars');
  const fn = 'allotJars';
  for (const { count } of wanted)
    requireInRange(count, [0, 1e6], { fn, param: 'count', unit: '1' });
  const oldestFirst = [...stock].sort((a, b) => a.bestBefore.localeCompare(b.bestBefore));
  const left = new Map(oldestFirst.map(({ id, free }) => [id, Math.max(0, free)]));
  return [...wanted].sort(byDay).map((each) => {
    let short = each.count;
    const from = oldestFirst.flatMap((jars) => {
      const have = left.get(jars.id) ?? 0;
      const count = fits(jars, each) ? Math.min(short, have) : 0;
      if (count === 0) return [];
      left.set(jars.id, have - count);
      short -= count;
      return [{ id: jars.id, count }];
    });
    return { id: each.id, from, short };
  });
}
