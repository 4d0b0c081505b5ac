import type { ChartOptions } from 'chart.js';
import { useMemo, type ReactElement } from 'react';
import type { LoadCourse } from '../../../../core';
import { ScatterChart, axisLook } from '../../../ui/charts/ScatterChart';
import { CHART_LAVENDER } from '../../../ui/charts/chartLook';
import { commonWords } from '../../../words/english/common';
import { roomWords } from '../../../words/english/room';

interface LoadChartProps {
  curve: readonly LoadCourse[];
  inDay: number;
  /** until the deadline */
  days: number;
}

const optionsFor = (days: number): ChartOptions<'scatter'> => ({
  scales: {
    x: { min: 0, ...axisLook(roomWords.moreBoxes()) },
    y: { min: 0, max: days, ...axisLook(commonWords.days()) },
  },
  plugins: {
    tooltip: {
      callbacks: {
        label: ({ parsed }) =>
          roomWords.boxesDays({ x: parsed.x ?? 0, y: Number((parsed.y ?? 0).toFixed(1)) }),
      },
    },
  },
});

/** Days until dry against boxes, on the most likely course. */
export function LoadChart({ curve, inDay, days }: LoadChartProps): ReactElement | null {
  const points = useMemo(
    () =>
      curve
        .filter((loadCourse) => Number.isFinite(loadCourse.readyDay))
        .map((loadCourse) => ({ x: loadCourse.boxes, y: loadCourse.readyDay - inDay })),
    [curve, inDay],
  );
  const data = useMemo(
    () => ({
      datasets: [
        {
          label: commonWords.days(),
          data: points,
          showLine: true,
          borderColor: CHART_LAVENDER,
          backgroundColor: CHART_LAVENDER,
          borderWidth: 3,
          pointRadius: 4,
        },
      ],
    }),
    [points],
  );
  const options = useMemo(() => optionsFor(days), [days]);
  if (points.length < 2) return null;
  const pairs = points
    .map(({ x, y }) => roomWords.boxesDays2({ x, y: Number(y.toFixed(1)) }))
    .join(', ');
  return (
    <ScatterChart
      height="mt-4 h-56"
      spoken={roomWords.daysUntilDryByBoxes({ pairs })}
      data={data}
      options={options}
    />
  );
}
