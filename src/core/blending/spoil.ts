import { conformityProbability, OVER_UP_TO, type Estimate } from '../conformity/conformity';
import { requireInRange } from '../errors';

/** Honey of known mass with what is believed of its moisture. */
export interface Portion {
  readonly massKg: number;
  readonly moisture: Estimate;
}

/**
 * Moisture of two portions mixed, by mass.
 *
 * @param a - mass >= 0
 * @param b - mass >= 0, not both 0
 * @returns mean and standard uncertainty [% by mass], the doubts taken as independent
 * @throws DomainError `out-of-range`
 * @source conservation of water; JCGM 100:2008 (GUM), 5.1.2, recalled from memory
 */
export function mixed(a: Portion, b: Portion): Estimate {
  const fn = 'mixed';
  requireInRange(a.massKg, [0, Infinity], { fn, param: 'a.massKg', unit: 'kg' });
  requireInRange(b.massKg, [0, Infinity], { fn, param: 'b.massKg', unit: 'kg' });
  const total = requireInRange(a.massKg + b.massKg, [Number.MIN_VALUE, Infinity], {
    fn,
    param: 'a.massKg + b.massKg',
    unit: 'kg',
  });
  const [shareA, shareB] = [a.massKg / total, b.massKg / total];
  return {
    mean: a.moisture.mean * shareA + b.moisture.mean * shareB,
    standardUncertainty: Math.hypot(
      a.moisture.standardUncertainty * shareA,
      b.moisture.standardUncertainty * shareB,
    ),
  };
}

/** What adding a frame does to a lot. */
export interface SpoilEffect {
  readonly before: Estimate;
  readonly after: Estimate;
  /** chance to be over the limit [1] */
  readonly overBefore: number;
  readonly overAfter: number;
  /** how many such frames fit before the lot no longer surely conforms; null for any number */
  readonly howManyFit: number | null;
}

/** Most frames that are tried. */
const MOST_FRAMES = 200;

const overOf = (moisture: Estimate, limit: number): number =>
  1 - conformityProbability(moisture, limit);

function fits(lot: Portion, frame: Portion, count: number, limitPercent: number): boolean {
  const added = { ...frame, massKg: frame.massKg * count };
  return overOf(mixed(lot, added), limitPercent) <= OVER_UP_TO;
}

/**
 * "Would this frame spoil the bucket?": the lot before and after, and how many such frames fit while
 * the chance to be over the limit stays at 5 in 100 or less. Several such frames are taken as alike:
 * their doubt is shared.
 *
 * @param lot - what is in the bucket
 * @param frame - what would be added, mass > 0
 * @param limitPercent - [% by mass]
 * @throws DomainError `out-of-range`
 * @source conservation of water; JCGM 106:2012, recalled from memory
 */
export function spoilEffect(lot: Portion, frame: Portion, limitPercent: number): SpoilEffect {
  const after = mixed(lot, frame);
  let howManyFit: number | null = null;
  if (!fits(lot, frame, MOST_FRAMES, limitPercent)) {
    howManyFit = 0;
    while (fits(lot, frame, howManyFit + 1, limitPercent)) howManyFit += 1;
  }
  return {
    before: lot.moisture,
    after,
    overBefore: overOf(lot.moisture, limitPercent),
    overAfter: overOf(after, limitPercent),
    howManyFit,
  };
}
