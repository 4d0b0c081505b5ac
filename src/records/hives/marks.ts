import { type CellShares, type CellState } from '../../core';

/** Letters of marked points and cells; a point marks what was not looked at. */
export const MARK_LETTERS: Readonly<Record<CellState, string>> = {
  capped: 'c',
  open: 'o',
  empty: 'e',
  undrawn: 'u',
  brood: 'b',
};
export const UNMARKED = '.';
export const MARKS_PATTERN = /^[coeub.]+$/;

/** Points of the first grid, and of both grids together. */
export const POINT_COLUMNS = 6;
export const POINT_ROWS = 4;
export const POINT_COUNTS = [POINT_COLUMNS * POINT_ROWS, 2 * POINT_COLUMNS * POINT_ROWS] as const;

/** Cells of the drawn comb that is painted. */
export const CELL_COLUMNS = 20;
export const CELL_ROWS = 11;
export const CELL_COUNT = CELL_COLUMNS * CELL_ROWS;

/** How many of each state are marked. */
export function markCounts(marks: string): CellShares {
  const count = (state: CellState): number => marks.split(MARK_LETTERS[state]).length - 1;
  return {
    capped: count('capped'),
    open: count('open'),
    empty: count('empty'),
    undrawn: count('undrawn'),
    brood: count('brood'),
  };
}

/** Whether anything is marked at all. */
export function isMarked(marks: string | null): marks is string {
  return marks !== null && /[coeub]/.test(marks);
}
