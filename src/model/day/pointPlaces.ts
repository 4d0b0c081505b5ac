import type { PointGrid } from '../../core';
import { POINT_COLUMNS, POINT_COUNTS, POINT_ROWS } from '../../records';

/**
 * Where the points of a side lie, as shares of its width and height. The second grid lies halfway
 * between the points of the first, so that both together are a regular grid too.
 */
export function pointPlaces(count: number): { x: number; y: number }[] {
  const perGrid = POINT_COLUMNS * POINT_ROWS;
  const both = count > perGrid;
  return Array.from({ length: count }, (_, at) => {
    const shift = both ? (at >= perGrid ? 0.75 : 0.25) : 0.5;
    const inGrid = at % perGrid;
    return {
      x: ((inGrid % POINT_COLUMNS) + shift) / POINT_COLUMNS,
      y: (Math.floor(inGrid / POINT_COLUMNS) + shift) / POINT_ROWS,
    };
  });
}

/**
 * The points that a photograph is read at: both grids together have one in each of as many columns and
 * twice as many rows.
 */
export const photoGrid = (): PointGrid => ({
  places: pointPlaces(POINT_COUNTS[1]),
  columns: POINT_COLUMNS,
  rows: 2 * POINT_ROWS,
});
