import type { CombGrid } from '../comb/hexLattice';
import type { CombKind } from './drills';

/** Which cells are capped first: the smaller, the earlier. */
export type CappingPattern = (column: number, row: number) => number;

/** Value noise on a coarse grid, 0..1: what lies near each other is alike. */
export function patches(draw: () => number, size: number): CappingPattern {
  const knots = Array.from({ length: 400 }, draw);
  const knot = (i: number, j: number): number =>
    knots[(((i * 31 + j * 17) % 400) + 400) % 400] ?? 0;
  const smooth = (t: number): number => t * t * (3 - 2 * t);
  return (column, row) => {
    const [x, y] = [column / size, row / size];
    const [i, j] = [Math.floor(x), Math.floor(y)];
    const [u, v] = [smooth(x - i), smooth(y - j)];
    const top = knot(i, j) * (1 - u) + knot(i + 1, j) * u;
    const bottom = knot(i, j + 1) * (1 - u) + knot(i + 1, j + 1) * u;
    return top * (1 - v) + bottom * v;
  };
}

/** From above in an arch, from one side, or patch by patch; always with a ragged edge. @source invented */
export function patternOf(kind: CombKind, grid: CombGrid, draw: () => number): CappingPattern {
  const small = patches(draw, kind === 'patchy' ? 3 + 2 * draw() : 6);
  const from = draw() * grid.columns;
  const side = draw();
  const ragged = kind === 'patchy' ? 1 : 0.1 + 0.25 * draw();
  const reach = Math.hypot(grid.columns / 2, grid.rows);
  return (column, row) => {
    const arch = Math.hypot(column - from, (side < 0.7 ? row : grid.rows - row) * 1.3) / reach;
    return (kind === 'patchy' ? 0.25 * arch : arch) + ragged * small(column, row);
  };
}
