import {
  Chart as ChartJs,
  Filler,
  LinearScale,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
  type Chart,
  type ChartData,
  type ChartOptions,
  type Plugin,
} from 'chart.js';
import { useEffect, useRef, type ReactElement } from 'react';
import { Scatter } from 'react-chartjs-2';
import { onScheme } from '../scheme';
import { CHART_INK, CHART_THREAD } from './chartLook';

ChartJs.register(Filler, LinearScale, LineElement, PointElement, ScatterController, Tooltip);

/** A point of a chart; more fields are the caller's own. */
export interface ChartPoint {
  readonly x: number;
  readonly y: number;
}

interface ScatterChartProps<P extends ChartPoint> {
  /** the same as words, for those who cannot see the chart */
  spoken: string;
  data: ChartData<'scatter', P[]>;
  options: ChartOptions<'scatter'>;
  plugins?: Plugin<'scatter'>[];
  /** class that gives the height */
  height: string;
}

const NONE: Plugin<'scatter'>[] = [];

/** Points and lines over two axes; drawn again once the application's own letters are there. */
export function ScatterChart<P extends ChartPoint>(props: ScatterChartProps<P>): ReactElement {
  const { spoken, data, options, plugins = NONE, height } = props;
  const chart = useRef<Chart<'scatter', P[]>>(null);
  useEffect(() => {
    const redraw = (): void => chart.current?.update('none');
    void document.fonts.ready.then(redraw);
    return onScheme(redraw);
  }, []);
  return (
    <div className={height}>
      <Scatter
        ref={chart}
        aria-label={spoken}
        data={data}
        options={{ animation: false, maintainAspectRatio: false, ...options }}
        plugins={plugins}
      />
    </div>
  );
}

/** A line without points. */
export const LINE_ONLY = { showLine: true, pointRadius: 0, borderWidth: 2 } as const;

/** Grid and letters of an axis, with its title where it has one. */
export const axisLook = (title?: string) => ({
  grid: { color: CHART_THREAD },
  ticks: { color: CHART_INK },
  ...(title === undefined ? {} : { title: { display: true, text: title } }),
});
