import {
  Chart as ChartJs,
  LinearScale,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
  type Chart,
  type ChartOptions,
} from 'chart.js';
import { useEffect, useMemo, useRef, type ReactElement } from 'react';
import { Scatter } from 'react-chartjs-2';
import type { LoadCourse } from '../../../../core';
import { CHART_INK, CHART_LAVENDER, CHART_THREAD } from '../../../ui/chartLook';

ChartJs.register(LinearScale, LineElement, PointElement, ScatterController, Tooltip);

interface LoadChartProps {
  curve: readonly LoadCourse[];
  inDay: number;
  /** until the deadline */
  days: number;
}

const optionsFor = (days: number): ChartOptions<'scatter'> => ({
  animation: false,
  maintainAspectRatio: false,
  scales: {
    x: {
      min: 0,
      grid: { color: CHART_THREAD },
      title: { display: true, text: 'more boxes', color: CHART_INK },
      ticks: { color: CHART_INK },
    },
    y: {
      min: 0,
      max: days,
      grid: { color: CHART_THREAD },
      title: { display: true, text: 'days', color: CHART_INK },
      ticks: { color: CHART_INK },
    },
  },
  plugins: {
    tooltip: {
      callbacks: {
        label: ({ parsed }) => `${parsed.x ?? 0} boxes: ${(parsed.y ?? 0).toFixed(1)} days`,
      },
    },
  },
});

/** Days until dry against boxes, on the most likely course. */
export function LoadChart({ curve, inDay, days }: LoadChartProps): ReactElement | null {
  const chart = useRef<Chart<'scatter'>>(null);
  useEffect(() => {
    void document.fonts.ready.then(() => chart.current?.update('none'));
  }, []);
  const inTime = useMemo(() => curve.filter((one) => Number.isFinite(one.readyDay)), [curve]);
  const data = useMemo(
    () => ({
      datasets: [
        {
          label: 'days',
          data: inTime.map((one) => ({ x: one.boxes, y: one.readyDay - inDay })),
          showLine: true,
          borderColor: CHART_LAVENDER,
          backgroundColor: CHART_LAVENDER,
          borderWidth: 3,
          pointRadius: 4,
        },
      ],
    }),
    [inTime, inDay],
  );
  const options = useMemo(() => optionsFor(days), [days]);
  if (inTime.length < 2) return null;
  const spoken = inTime
    .map((one) => `${one.boxes} boxes ${(one.readyDay - inDay).toFixed(1)} days`)
    .join(', ');
  return (
    <div className="mt-4 h-56">
      <Scatter
        ref={chart}
        aria-label={`Days until dry by boxes: ${spoken}.`}
        data={data}
        options={options}
      />
    </div>
  );
}
