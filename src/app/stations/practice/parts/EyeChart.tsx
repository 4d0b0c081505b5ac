import type { ReactElement } from 'react';
import type { CombLook } from '../../../../core';
import { CHART_INK, CHART_LAVENDER, CHART_THREAD } from '../../../ui/charts/chartLook';
import { LINE_ONLY, ScatterChart, axisLook } from '../../../ui/charts/ScatterChart';
import { practiceWords } from '../../../words/english/practice';

/** What was said over what was there; on the line it is the same. */
export function EyeChart({ looks }: { looks: readonly CombLook[] }): ReactElement {
  const axis = (title: string) => ({ ...axisLook(title), min: 0, max: 10 });
  return (
    <ScatterChart
      spoken={practiceWords.chartSpoken({ looks: looks.length })}
      height="h-72"
      data={{
        datasets: [
          {
            data: looks.map(({ truth, answered }) => ({ x: 10 * truth, y: 10 * answered })),
            pointRadius: 6,
            pointStyle: 'circle',
            pointBackgroundColor: CHART_LAVENDER,
            pointBorderColor: CHART_INK,
          },
          {
            ...LINE_ONLY,
            data: [
              { x: 0, y: 0 },
              { x: 10, y: 10 },
            ],
            borderColor: CHART_THREAD,
          },
        ],
      }}
      options={{
        plugins: { tooltip: { enabled: false } },
        scales: { x: axis(practiceWords.there()), y: axis(practiceWords.said()) },
      }}
    />
  );
}
