import { cellCentre, combSize, type CombGrid } from '../../../core';
import { CELL_COLUMNS, CELL_ROWS } from '../../../records';

/** The drawn comb that is painted. */
export const PAINT_GRID: CombGrid = { columns: CELL_COLUMNS, rows: CELL_ROWS };

/** The small comb on a button. */
export const SKETCH_GRID: CombGrid = { columns: 7, rows: 6 };

/** Outline of a cell, a little smaller than its place, as a path. */
export function cellPath(at: number, grid: CombGrid, fill = 0.92): string {
  const { x, y } = cellCentre(at, grid);
  const radius = fill / Math.sqrt(3);
  const corners = Array.from({ length: 6 }, (_, corner) => {
    const angle = (Math.PI / 3) * corner + Math.PI / 6;
    return `${(x + radius * Math.cos(angle)).toFixed(2)} ${(y + radius * Math.sin(angle)).toFixed(2)}`;
  });
  return `M${corners.join('L')}Z`;
}

/** A fixed roughness, so that the same comb is drawn every time. */
const rough = (at: number): number => (((at * 2654435761) >>> 8) % 1000) / 1000;

/** Cells in the order in which bees cap them: from the top middle outwards, with a ragged edge. */
export function cappingOrder(grid: CombGrid): number[] {
  const { width } = combSize(grid);
  const away = (at: number): number => {
    const { x, y } = cellCentre(at, grid);
    return Math.hypot(x - width / 2, y * 1.5) + rough(at) * grid.columns * 0.22;
  };
  return Array.from({ length: grid.columns * grid.rows }, (_, at) => at).sort(
    (a, b) => away(a) - away(b),
  );
}
