import { useMemo, type ReactElement } from 'react';
import type { ChartData, ChartOptions } from 'chart.js';
import type { BiasLine } from '../../../../model';
import { CHART_INK, CHART_LAVENDER } from '../../../ui/charts/chartLook';
import {
  LINE_ONLY,
  ScatterChart,
  axisLook,
  type ChartPoint,
} from '../../../ui/charts/ScatterChart';
import { seasonWords } from '../../../words/english/season';

const OPTIONS: ChartOptions<'scatter'> = {
  scales: {
    x: { min: 14, max: 24, ...axisLook(seasonWords.expectedFromTheCombWater()) },
    y: { min: 14, max: 24, ...axisLook(seasonWords.measuredWater()) },
  },
};

/** Lots judged in the comb and measured later; on the line the expectation was right. */
export function BiasChart({ bias }: { bias: readonly BiasLine[] }): ReactElement {
  const data = useMemo<ChartData<'scatter', ChartPoint[]>>(
    () => ({
      datasets: [
        {
          data: bias.map((biasLine) => ({
            x: biasLine.expectedPercent,
            y: biasLine.measuredPercent,
          })),
          backgroundColor: CHART_LAVENDER,
          borderColor: CHART_INK,
          pointRadius: 7,
          pointBorderWidth: 2,
        },
        {
          ...LINE_ONLY,
          borderColor: CHART_INK,
          data: [
            { x: 14, y: 14 },
            { x: 24, y: 24 },
          ],
        },
      ],
    }),
    [bias],
  );
  const spoken = bias
    .map((biasLine) =>
      seasonWords.expectedMeasured({
        code: biasLine.code,
        expectedPercent: biasLine.expectedPercent.toFixed(1),
        measuredPercent: biasLine.measuredPercent.toFixed(1),
      }),
    )
    .join('; ');
  return (
    <ScatterChart
      spoken={seasonWords.expectedAgainstMeasuredWater({ spoken })}
      data={data}
      options={OPTIONS}
      height="h-72 mt-3"
    />
  );
}
