import { requireInRange, requireFinite } from '../errors';

/** How a colony behaves when it is opened. */
export const TEMPERS = ['gentle', 'defensive'] as const;
export type Temper = (typeof TEMPERS)[number];

/** A hive of a visit. */
export interface VisitedHive {
  readonly id: string;
  /** null where nobody said */
  readonly temper: Temper | null;
  /** honey boxes on it */
  readonly boxes: number;
}

/**
 * Hives in the order in which they are opened: those that need least first, since robbers wake while one
 * works, and defensive ones last.
 *
 * @throws DomainError `out-of-range`
 * @source common practice, no source
 */
export function visitOrder<H extends VisitedHive>(hives: readonly H[]): H[] {
  requireFinite({ hives }, 'visitOrder');
  const isLast = ({ temper }: VisitedHive): number => Number(temper === 'defensive');
  return [...hives].sort((a, b) => isLast(a) - isLast(b) || a.boxes - b.boxes);
}

/**
 * Closed totes that frames need.
 *
 * @param frames - that are taken, 0 or more
 * @param slots - places of one tote, 1 to 40
 * @throws DomainError `out-of-range`
 * @source a definition
 * @example totesNeeded(25, 12) // => 3
 */
export function totesNeeded(frames: number, slots: number): number {
  const fn = 'totesNeeded';
  requireInRange(frames, [0, 1e6], { fn, param: 'frames', unit: '1' });
  requireInRange(slots, [1, 40], { fn, param: 'slots', unit: '1' });
  return Math.ceil(frames / slots);
}
