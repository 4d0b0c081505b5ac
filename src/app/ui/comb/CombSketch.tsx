import { memo, type ReactElement } from 'react';
import { cellCentre, combSize } from '../../../core';
import { SKETCH_GRID, cappingOrder, cellPath } from './hexComb';

const ORDER = cappingOrder(SKETCH_GRID);
const CELLS = SKETCH_GRID.columns * SKETCH_GRID.rows;

interface Drawn {
  readonly capped: string;
  readonly open: string;
  readonly dots: string;
}

const DOT = 0.13;

/** A dot in the middle of a cell, as a path: one element for all of them is drawn much faster. */
function dot(at: number): string {
  const { x, y } = cellCentre(at, SKETCH_GRID);
  return `M${(x - DOT).toFixed(2)} ${y.toFixed(2)}a${DOT} ${DOT} 0 1 0 ${2 * DOT} 0a${DOT} ${DOT} 0 1 0 ${-2 * DOT} 0Z`;
}

function drawn(tenths: number): Drawn {
  const many = Math.round((CELLS * tenths) / 10);
  const open = ORDER.slice(many);
  const path = (cells: readonly number[]): string =>
    cells.map((at) => cellPath(at, SKETCH_GRID)).join('');
  return { capped: path(ORDER.slice(0, many)), open: path(open), dots: open.map(dot).join('') };
}

const SKETCHES = Array.from({ length: 11 }, (_, tenths) => drawn(tenths));

/** Comb capped to so many tenths, as a reference to compare with; open cells carry a dot. */
export const CombSketch = memo(function CombSketch({ tenths }: { tenths: number }): ReactElement {
  const sketch = SKETCHES[tenths] ?? drawn(tenths);
  const { width, height } = combSize(SKETCH_GRID);
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="xMidYMid slice"
      className="absolute inset-0 size-full"
    >
      <path d={sketch.capped} className="fill-lavender-mid stroke-ink" strokeWidth="0.07" />
      <path d={sketch.open} className="fill-paper stroke-thread-deep" strokeWidth="0.07" />
      <path d={sketch.dots} className="fill-ink" />
    </svg>
  );
});
