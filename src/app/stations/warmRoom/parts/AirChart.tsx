import {
  Chart as ChartJs,
  LinearScale,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
  type Chart,
  type ChartData,
  type ChartOptions,
} from 'chart.js';
import { format } from 'date-fns';
import { useEffect, useMemo, useRef, type ReactElement } from 'react';
import { Scatter } from 'react-chartjs-2';
import type { AirSeries, RoomOutlook } from '../../../../core';
import { CHART_INK, CHART_LAVENDER, CHART_THREAD } from '../../../ui/chartLook';

ChartJs.register(LinearScale, LineElement, PointElement, ScatterController, Tooltip);

interface Point {
  readonly x: number;
  readonly y: number;
}

interface AirChartProps {
  /** measured in the room */
  log: AirSeries;
  /** null until it is reckoned */
  outlook: RoomOutlook | null;
  nowDay: number;
  zeroMs: number;
}

const DAY_MS = 86_400_000;

/** How far past and forecast are shown about now [d]. */
const SHOWN_DAYS = 3;

/** Entries drawn at most; more are thinned. */
const MOST_POINTS = 1500;

function pointsOf(
  days: readonly number[],
  value: (at: number) => number,
  { zeroMs, keep }: { zeroMs: number; keep: (day: number) => boolean },
): Point[] {
  const every = Math.ceil(days.length / MOST_POINTS);
  return days.flatMap((day, at) =>
    at % every === 0 && keep(day) ? [{ x: zeroMs + day * DAY_MS, y: value(at) }] : [],
  );
}

const LINE = { showLine: true, pointRadius: 0, borderWidth: 2 } as const;

function chartData(props: AirChartProps): ChartData<'scatter', Point[]> {
  const { log, outlook, nowDay, zeroMs } = props;
  const measured = { zeroMs, keep: (day: number) => day >= nowDay - SHOWN_DAYS };
  const ahead = { zeroMs, keep: (day: number) => day >= nowDay && day <= nowDay + SHOWN_DAYS };
  const degrees = { ...LINE, borderColor: CHART_INK, yAxisID: 'degrees' };
  const humidity = { ...LINE, borderColor: CHART_LAVENDER, borderWidth: 3, yAxisID: 'humidity' };
  const days = outlook?.days ?? [];
  return {
    datasets: [
      {
        ...degrees,
        label: '°C measured',
        data: pointsOf(log.days, (at) => log.temperatureC[at] ?? 0, measured),
      },
      {
        ...humidity,
        label: '% RH measured',
        data: pointsOf(log.days, (at) => 100 * (log.relativeHumidity[at] ?? 0), measured),
      },
      {
        ...degrees,
        label: '°C to come',
        borderDash: [6, 5],
        data: pointsOf(days, (at) => outlook?.temperatureC[at] ?? 0, ahead),
      },
      {
        ...humidity,
        label: '% RH to come',
        borderDash: [6, 5],
        data: pointsOf(days, (at) => 100 * (outlook?.relativeHumidity[at] ?? 0), ahead),
      },
    ],
  };
}

const optionsFor = (fromMs: number, toMs: number): ChartOptions<'scatter'> => ({
  animation: false,
  maintainAspectRatio: false,
  scales: {
    x: {
      type: 'linear',
      min: fromMs,
      max: toMs,
      grid: { color: CHART_THREAD },
      ticks: {
        color: CHART_INK,
        maxTicksLimit: 6,
        callback: (value) => format(Number(value), 'EEE HH:mm'),
      },
    },
    degrees: {
      position: 'left',
      suggestedMin: 15,
      suggestedMax: 36,
      grid: { color: CHART_THREAD },
      title: { display: true, text: '°C, thin', color: CHART_INK },
      ticks: { color: CHART_INK },
    },
    humidity: {
      position: 'right',
      suggestedMin: 20,
      suggestedMax: 60,
      grid: { display: false },
      title: { display: true, text: '% humidity, thick', color: CHART_INK },
      ticks: { color: CHART_INK },
    },
  },
  plugins: {
    tooltip: {
      callbacks: {
        label: ({ parsed, dataset }) => `${dataset.label ?? ''}: ${(parsed.y ?? 0).toFixed(1)}`,
      },
    },
  },
});

/** Air of the room: as it was measured, and as it is to come. */
export function AirChart(props: AirChartProps): ReactElement {
  const { log, nowDay, zeroMs } = props;
  const chart = useRef<Chart<'scatter', Point[]>>(null);
  useEffect(() => {
    void document.fonts.ready.then(() => chart.current?.update('none'));
  }, []);
  const data = useMemo(() => chartData(props), [props]);
  const first = Math.max(nowDay - SHOWN_DAYS, Math.min(nowDay, log.days[0] ?? nowDay));
  const options = useMemo(
    () => optionsFor(zeroMs + first * DAY_MS, zeroMs + (nowDay + SHOWN_DAYS) * DAY_MS),
    [zeroMs, first, nowDay],
  );
  const last = log.days.length - 1;
  const spoken =
    last >= 0
      ? `Air of the room, last measured ${(log.temperatureC[last] ?? 0).toFixed(1)} °C and ${(100 * (log.relativeHumidity[last] ?? 0)).toFixed(0)} % humidity.`
      : 'Air of the room, as it is to come.';
  return (
    <div className="h-72">
      <Scatter ref={chart} aria-label={spoken} data={data} options={options} />
    </div>
  );
}
