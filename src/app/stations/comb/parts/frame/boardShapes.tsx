import type { ReactElement } from 'react';
import { cellAt, cellCentre, combSize } from '../../../../../core';
import { pointPlaces } from '../../../../../model';
import { POINT_COLUMNS, POINT_ROWS } from '../../../../../records';
import { PAINT_GRID, cellPath } from '../../../../ui/comb/hexComb';
import type { BoardShape } from './MarkBoard';

/** A mark known by its shape: filled capped, dotted open, bare empty, crossed brood, dashed not drawn. */
function mark(letter: string, path: string, { x, y }: { x: number; y: number }): ReactElement {
  switch (letter) {
    case 'c':
      return <path d={path} className="fill-lavender-mid stroke-ink" strokeWidth="0.08" />;
    case 'o':
      return (
        <>
          <path d={path} className="fill-paper stroke-ink" strokeWidth="0.06" />
          <circle cx={x} cy={y} r="0.2" className="fill-ink" />
        </>
      );
    case 'b':
      return (
        <>
          <path d={path} className="fill-thread stroke-ink" strokeWidth="0.06" />
          <path
            d={`M${x - 0.2} ${y - 0.2}l.4 .4m0 -.4l-.4 .4`}
            className="stroke-ink"
            strokeWidth="0.1"
          />
        </>
      );
    case 'u':
      return (
        <path
          d={path}
          className="fill-linen stroke-thread-deep"
          strokeWidth="0.06"
          strokeDasharray="0.12 0.12"
        />
      );
    case 'e':
      return <path d={path} className="fill-paper stroke-ink" strokeWidth="0.06" />;
    default:
      return <path d={path} className="fill-linen stroke-thread" strokeWidth="0.05" />;
  }
}

const inside = (value: number, most: number): number => Math.min(most - 1, Math.max(0, value));

const { width: combWidth, height: combHeight } = combSize(PAINT_GRID);

/** The drawn comb, cell by cell. */
export const PAINT_BOARD: BoardShape = {
  count: PAINT_GRID.columns * PAINT_GRID.rows,
  width: combWidth,
  height: combHeight,
  at: (x, y) => cellAt(x, y, PAINT_GRID),
  centre: (at) => cellCentre(at, PAINT_GRID),
  step: (at, dx, dy) => {
    const column = inside((at % PAINT_GRID.columns) + dx, PAINT_GRID.columns);
    const row = inside(Math.floor(at / PAINT_GRID.columns) + dy, PAINT_GRID.rows);
    return row * PAINT_GRID.columns + column;
  },
  draw: (at, letter) => mark(letter, cellPath(at, PAINT_GRID), cellCentre(at, PAINT_GRID)),
};

function circlePath({ x, y }: { x: number; y: number }, radius: number): string {
  return `M${x - radius} ${y}a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0Z`;
}

/** Points of a regular grid over the frame. */
export function pointBoard(count: number): BoardShape {
  const perGrid = POINT_COLUMNS * POINT_ROWS;
  const both = count > perGrid;
  const middles = pointPlaces(count).map(({ x, y }) => ({
    x: x * POINT_COLUMNS,
    y: y * POINT_ROWS,
  }));
  const centre = (at: number): { x: number; y: number } => middles[at] ?? { x: 0, y: 0 };
  const nearest = (x: number, y: number): number => {
    const away = (at: number): number => {
      const point = centre(at);
      return (point.x - x) ** 2 + (point.y - y) ** 2;
    };
    return Array.from({ length: count }, (_, at) => at).reduce((a, b) =>
      away(b) < away(a) ? b : a,
    );
  };
  return {
    count,
    width: POINT_COLUMNS,
    height: POINT_ROWS,
    at: nearest,
    centre,
    step: (at, dx, dy) => {
      const grids = both ? 2 : 1;
      const inGrid = at % perGrid;
      const row = Math.floor(inGrid / POINT_COLUMNS) * grids + (at >= perGrid ? 1 : 0);
      const nextRow = inside(row + dy, POINT_ROWS * grids);
      const column = inside((inGrid % POINT_COLUMNS) + dx, POINT_COLUMNS);
      return (nextRow % grids) * perGrid + Math.floor(nextRow / grids) * POINT_COLUMNS + column;
    },
    draw: (at, letter) => mark(letter, circlePath(centre(at), both ? 0.24 : 0.34), centre(at)),
  };
}
