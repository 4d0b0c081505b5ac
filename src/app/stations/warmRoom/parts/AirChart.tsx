import type { ChartData, ChartOptions } from 'chart.js';
import { format } from 'date-fns';
import { useMemo, type ReactElement } from 'react';
import type { AirSeries, RoomOutlook } from '../../../../core';
import { LINE_ONLY, ScatterChart, axisLook, type ChartPoint } from '../../../ui/ScatterChart';
import { CHART_INK, CHART_LAVENDER } from '../../../ui/chartLook';

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
): ChartPoint[] {
  const every = Math.ceil(days.length / MOST_POINTS);
  return days.flatMap((day, at) =>
    at % every === 0 && keep(day) ? [{ x: zeroMs + day * DAY_MS, y: value(at) }] : [],
  );
}

function chartData(props: AirChartProps): ChartData<'scatter', ChartPoint[]> {
  const { log, outlook, nowDay, zeroMs } = props;
  const measured = { zeroMs, keep: (day: number) => day >= nowDay - SHOWN_DAYS };
  const ahead = { zeroMs, keep: (day: number) => day >= nowDay && day <= nowDay + SHOWN_DAYS };
  const degrees = { ...LINE_ONLY, borderColor: CHART_INK, yAxisID: 'degrees' };
  const humidity = {
    ...LINE_ONLY,
    borderColor: CHART_LAVENDER,
    borderWidth: 3,
    yAxisID: 'humidity',
  };
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
  scales: {
    x: {
      type: 'linear',
      min: fromMs,
      max: toMs,
      ...axisLook(),
      ticks: {
        color: CHART_INK,
        maxTicksLimit: 6,
        callback: (value) => format(Number(value), 'EEE HH:mm'),
      },
    },
    degrees: { position: 'left', suggestedMin: 15, suggestedMax: 36, ...axisLook('°C, thin') },
    humidity: {
      position: 'right',
      suggestedMin: 20,
      suggestedMax: 60,
      ...axisLook('% humidity, thick'),
      grid: { display: false },
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
  return <ScatterChart height="h-72" spoken={spoken} data={data} options={options} />;
}
