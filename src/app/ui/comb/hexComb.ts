import { CELL_COLUMNS, CELL_ROWS } from '../../../records';

/** Geometry of a drawn comb: rows of hexagons, every other row shifted by half a cell. */
export interface CombGrid {
  readonly columns: number;
  readonly rows: number;
}

/** The drawn comb that is painted. */
export const PAINT_GRID: CombGrid = { columns: CELL_COLUMNS, rows: CELL_ROWS };

/** The small comb on a button. */
export const SKETCH_GRID: CombGrid = { columns: 7, rows: 6 };

const ROW_STEP = Math.sqrt(3) / 2;

/** Width and height of the comb with cells one unit wide. */
export const combSize = ({ columns, rows }: CombGrid): { width: number; height: number } => ({
  width: columns + 0.5,
  height: (rows - 1) * ROW_STEP + 2 / Math.sqrt(3),
});

/** Middle of a cell. */
export function cellCentre(at: number, { columns }: CombGrid): { x: number; y: number } {
  const row = Math.floor(at / columns);
  const shift = row % 2 === 1 ? 0.5 : 0;
  return { x: (at % columns) + 0.5 + shift, y: row * ROW_STEP + 1 / Math.sqrt(3) };
}

/** The cell nearest to a point. */
export function cellAt(x: number, y: number, grid: CombGrid): number {
  const within = (row: number): number => Math.min(grid.rows - 1, Math.max(0, row));
  const near = within(Math.round((y - 1 / Math.sqrt(3)) / ROW_STEP));
  let best = 0;
  let least = Infinity;
  for (let row = within(near - 1); row <= within(near + 1); row += 1) {
    const column = Math.round(x - 0.5 - (row % 2 === 1 ? 0.5 : 0));
    const at = row * grid.columns + Math.min(grid.columns - 1, Math.max(0, column));
    const centre = cellCentre(at, grid);
    const away = (centre.x - x) ** 2 + (centre.y - y) ** 2;
    if (away < least) [best, least] = [at, away];
  }
  return best;
}

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
