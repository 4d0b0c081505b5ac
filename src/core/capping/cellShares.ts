import { DomainError, requireInRange, requireFinite } from '../errors';

/** What a cell of the comb is, seen from its face. Pollen is counted with the brood: no honey. */
export const CELL_STATES = ['capped', 'open', 'empty', 'undrawn', 'brood'] as const;
export type CellState = (typeof CELL_STATES)[number];

/** Share of each state in the area of one side [1]; together one. */
export type CellShares = Readonly<Record<CellState, number>>;

/** A side estimated by eye in tenths of its area. */
export interface QuickLook {
  /** tenths of the side that hold honey or nectar, 0..10 */
  readonly honeyTenths: number;
  /** of the honey-bearing part, tenths that are capped, 0..10 */
  readonly cappedTenths: number;
  /** tenths of the side that are not drawn, 0..10 */
  readonly undrawnTenths: number;
  /** tenths of the side that hold brood or pollen, 0..10 */
  readonly broodTenths: number;
}

/**
 * Shares of a side from a quick look; what is not named is empty.
 *
 * @param look - tenths as estimated by eye
 * @returns shares that sum to one
 * @throws DomainError `out-of-range` if a part is outside 0..10 or the parts exceed the side
 * @source a definition
 */
export function quickShares(look: QuickLook): CellShares {
  const fn = 'quickShares';
  const tenths = (param: keyof QuickLook): number =>
    requireInRange(look[param], [0, 10], { fn, param, unit: 'tenths' }) / 10;
  const honey = tenths('honeyTenths');
  const capped = tenths('cappedTenths');
  const undrawn = tenths('undrawnTenths');
  const brood = tenths('broodTenths');
  const named = requireInRange(honey + undrawn + brood, [0, 1 + 1e-9], {
    fn,
    param: 'honeyTenths + undrawnTenths + broodTenths',
    unit: 'sides',
  });
  const empty = Math.max(0, 1 - named);
  return { capped: honey * capped, open: honey * (1 - capped), empty, undrawn, brood };
}

/**
 * Shares of a side from counted cells or points.
 *
 * @param counts - how many of each state, none negative, not all zero
 * @returns shares that sum to one
 * @throws DomainError `out-of-range`, or `empty` where nothing was counted
 * @source point counting, Delesse's principle of stereology, recalled from memory
 */
export function countedShares(counts: CellShares): CellShares {
  requireFinite({ counts }, 'countedShares');
  const fn = 'countedShares';
  const total = CELL_STATES.reduce(
    (sum, state) =>
      sum + requireInRange(counts[state], [0, Infinity], { fn, param: state, unit: '1' }),
    0,
  );
  if (total === 0) {
    throw new DomainError({ code: 'empty', fn, param: 'counts', value: 0, unit: '1' });
  }
  const share = (state: CellState): number => counts[state] / total;
  return {
    capped: share('capped'),
    open: share('open'),
    empty: share('empty'),
    undrawn: share('undrawn'),
    brood: share('brood'),
  };
}

/** Share of the side that holds honey or nectar, capped or open [1]. */
export function honeyShare(shares: CellShares): number {
  requireFinite({ shares }, 'honeyShare');
  return shares.capped + shares.open;
}
