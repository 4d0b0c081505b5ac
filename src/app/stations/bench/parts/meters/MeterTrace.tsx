import type { ReactElement } from 'react';
import type { MeterView } from '../../../../../instruments';

const WIDTH = 600;
const HEIGHT = 90;
const SECONDS = 90;

/** The last minute and a half as a line; what is said beside it in words is the same. */
export function MeterTrace({ view }: { view: MeterView }): ReactElement | null {
  const { samples, last } = view;
  if (!last || samples.length < 2) return null;
  const shown = samples.filter(
    (sample) => sample.atS >= last.atS - SECONDS && sample.atS <= last.atS,
  );
  const values = shown.map((portSample) => portSample.dialValue);
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const span = Math.max(high - low, 1e-4);
  const points = shown.map(({ atS, dialValue }) => {
    const x = WIDTH - ((last.atS - atS) / SECONDS) * WIDTH;
    const y = HEIGHT - 6 - ((dialValue - low) / span) * (HEIGHT - 12);
    return `${x.toFixed(1)},${y.toFixed(1)}`;
  });
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      className="block h-20 w-full border-b border-ink"
    >
      <polyline
        points={points.join(' ')}
        className="fill-none stroke-lavender"
        strokeWidth="2.5"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
