import { requireFinite, requireInRange } from '../errors';

// Jest's sandbox looks globals up slowly; renderers ask for the cell of every pixel.
const { floor, max, min, round, sqrt } = Math;

/** Comb as rows of hexagons, every other row shifted by half a cell; cells are one unit wide. */
export interface CombGrid {
  readonly columns: number;
  readonly rows: number;
}

/** From one row of cells to the next, in cells. */
export const ROW_STEP = sqrt(3) / 2;

/** From the edge of the comb to the middle of the first row, in cells. */
const FIRST_ROW = 1 / sqrt(3);

/** Width and height of the comb, in cells. @source geometry */
export function combSize(grid: CombGrid): { width: number; height: number } {
  requireFinite({ grid }, 'combSize');
  const { columns, rows } = grid;
  return { width: columns + 0.5, height: (rows - 1) * ROW_STEP + 2 * FIRST_ROW };
}

const shiftOf = (row: number): number => (row % 2 === 1 ? 0.5 : 0);

/** Middle of a cell, in cells from the upper left corner. @source geometry */
export function cellCentre(at: number, grid: CombGrid): { x: number; y: number } {
  requireFinite({ at, grid }, 'cellCentre');
  requireInRange(grid.columns, [1, 1e6], { fn: 'cellCentre', param: 'columns', unit: 'cells' });
  const { columns } = grid;
  const row = floor(at / columns);
  return { x: (at % columns) + 0.5 + shiftOf(row), y: row * ROW_STEP + FIRST_ROW };
}

/** The cell nearest to a point, also for points beside the comb. @source geometry */
export function cellAt(x: number, y: number, grid: CombGrid): number {
  requireFinite({ x, y, grid }, 'cellAt');
  return nearestCell(x, y, grid);
}

/** The same, unchecked: renderers ask it for every pixel. @source geometry */
export function nearestCell(x: number, y: number, grid: CombGrid): number {
  const within = (row: number): number => min(grid.rows - 1, max(0, row));
  const near = within(round((y - FIRST_ROW) / ROW_STEP));
  let best = 0;
  let least = Infinity;
  for (let row = within(near - 1); row <= within(near + 1); row += 1) {
    const wanted = round(x - 0.5 - shiftOf(row));
    const column = min(grid.columns - 1, max(0, wanted));
    const at = row * grid.columns + column;
    const dx = column + 0.5 + shiftOf(row) - x;
    const dy = row * ROW_STEP + FIRST_ROW - y;
    const away = dx * dx + dy * dy;
    if (away < least) [best, least] = [at, away];
  }
  return best;
}
