import { memo, type ReactElement } from 'react';
import { SKETCH_GRID, cappingOrder, cellCentre, cellPath, combSize } from '../hexComb';

const ORDER = cappingOrder(SKETCH_GRID);
const CELLS = SKETCH_GRID.columns * SKETCH_GRID.rows;

interface Drawn {
  readonly capped: string;
  readonly open: string;
}

function drawn(tenths: number): Drawn {
  const many = Math.round((CELLS * tenths) / 10);
  const path = (cells: readonly number[]): string =>
    cells.map((at) => cellPath(at, SKETCH_GRID)).join('');
  return { capped: path(ORDER.slice(0, many)), open: path(ORDER.slice(many)) };
}

const SKETCHES = Array.from({ length: 11 }, (_, tenths) => drawn(tenths));

/** Comb capped to so many tenths, as a reference to compare with; open cells carry a dot. */
export const CombSketch = memo(function CombSketch({ tenths }: { tenths: number }): ReactElement {
  const sketch = SKETCHES[tenths] ?? drawn(tenths);
  const { width, height } = combSize(SKETCH_GRID);
  const open = ORDER.slice(Math.round((CELLS * tenths) / 10));
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="xMidYMid slice"
      className="absolute inset-0 size-full"
    >
      <path d={sketch.capped} className="fill-lavender-mid stroke-ink" strokeWidth="0.07" />
      <path d={sketch.open} className="fill-paper stroke-thread-deep" strokeWidth="0.07" />
      {open.map((at) => {
        const { x, y } = cellCentre(at, SKETCH_GRID);
        return <circle key={at} cx={x} cy={y} r="0.13" className="fill-ink" />;
      })}
    </svg>
  );
});
