import type { ChartData, ChartOptions } from 'chart.js';
import { useMemo, type ReactElement } from 'react';
import {
  humidityBand,
  logSpikes,
  type AirSeries,
  type ForecastDraw,
  type RoomOutlook,
  DAY_MS,
} from '../../../../core';
import {
  LINE_ONLY,
  ScatterChart,
  axisLook,
  type ChartPoint,
} from '../../../ui/charts/ScatterChart';
import {
  CHART_INK,
  CHART_LAVENDER,
  CHART_LAVENDER_PALE,
  CHART_PAPER,
} from '../../../ui/charts/chartLook';
import { inUnits } from '../../../words/keepersUnits';
import { roomWords } from '../../../words/english/room';
import { formatShortTime } from '../../../format/dates';

interface AirChartProps {
  /** measured in the room */
  log: AirSeries;
  /** null until it is computed */
  outlook: RoomOutlook | null;
  draws: readonly ForecastDraw[];
  /** humidity at which the machine stops [1]; null without one */
  stopsAt: number | null;
  nowDay: number;
  zeroMs: number;
}

/** How far past and forecast are shown about now [d]. */
const SHOWN_DAYS = 3;

/** Entries drawn at most; more are thinned. */
const MOST_POINTS = 1500;

function pointsOf(
  days: readonly number[],
  value: (at: number) => number,
  { zeroMs, keep }: Window,
): ChartPoint[] {
  const every = Math.ceil(days.length / MOST_POINTS);
  return days.flatMap((day, at) =>
    at % every === 0 && keep(day) ? [{ x: zeroMs + day * DAY_MS, y: value(at) }] : [],
  );
}

interface Window {
  readonly zeroMs: number;
  readonly keep: (day: number) => boolean;
}

/** Band of the humidity to come, 90 % of all courses. */
function bandSets({ draws, outlook }: AirChartProps, ahead: Window) {
  if (!outlook || draws.length < 2) return [];
  const { low, high } = humidityBand(draws);
  const line = { ...LINE_ONLY, borderWidth: 0, yAxisID: 'humidity' };
  const points = (values: readonly number[]): ChartPoint[] =>
    pointsOf(outlook.days, (at) => 100 * (values[at] ?? 0), ahead);
  return [
    { ...line, label: roomWords.rhLow(), data: points(low) },
    {
      ...line,
      label: roomWords.rhHigh(),
      data: points(high),
      fill: '-1',
      backgroundColor: CHART_LAVENDER_PALE,
    },
  ];
}

/** Where the machine is set to stop, and entries that look like an open door. */
function marks({ log, stopsAt, nowDay, zeroMs }: AirChartProps, measured: Window) {
  const ends = [nowDay - SHOWN_DAYS, nowDay + SHOWN_DAYS];
  const doors = logSpikes(log).filter(
    (logSpike) => logSpike.like === 'door' && measured.keep(logSpike.day),
  );
  return [
    {
      ...LINE_ONLY,
      label: roomWords.machineStops(),
      borderColor: CHART_INK,
      borderWidth: 1,
      yAxisID: 'humidity',
      data:
        stopsAt === null ? [] : ends.map((day) => ({ x: zeroMs + day * DAY_MS, y: 100 * stopsAt })),
    },
    {
      label: roomWords.doorOpen(),
      data: doors.map((door) => ({
        x: zeroMs + door.day * DAY_MS,
        y: 100 * door.relativeHumidity,
      })),
      yAxisID: 'humidity',
      pointStyle: 'triangle',
      pointRadius: 7,
      pointBorderWidth: 2,
      backgroundColor: CHART_PAPER,
      borderColor: CHART_INK,
    },
  ];
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
      ...bandSets(props, ahead),
      ...marks(props, measured),
      {
        ...degrees,
        label: roomWords.cMeasured(),
        data: pointsOf(log.days, (at) => log.temperatureC[at] ?? 0, measured),
      },
      {
        ...humidity,
        label: roomWords.rhMeasured(),
        data: pointsOf(log.days, (at) => 100 * (log.relativeHumidity[at] ?? 0), measured),
      },
      {
        ...degrees,
        label: roomWords.cForecast(),
        borderDash: [6, 5],
        data: pointsOf(days, (at) => outlook?.temperatureC[at] ?? 0, ahead),
      },
      {
        ...humidity,
        label: roomWords.rhForecast(),
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
        callback: (value) => formatShortTime(Number(value)),
      },
    },
    degrees: {
      position: 'left',
      suggestedMin: 15,
      suggestedMax: 36,
      ...axisLook(roomWords.cThin()),
    },
    humidity: {
      position: 'right',
      suggestedMin: 20,
      suggestedMax: 60,
      ...axisLook(roomWords.humidityThick()),
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
  const { log, outlook, draws, stopsAt, nowDay, zeroMs } = props;
  const data = useMemo(
    () => chartData({ log, outlook, draws, stopsAt, nowDay, zeroMs }),
    [log, outlook, draws, stopsAt, nowDay, zeroMs],
  );
  const first = Math.max(nowDay - SHOWN_DAYS, Math.min(nowDay, log.days[0] ?? nowDay));
  const options = useMemo(
    () => optionsFor(zeroMs + first * DAY_MS, zeroMs + (nowDay + SHOWN_DAYS) * DAY_MS),
    [zeroMs, first, nowDay],
  );
  const last = log.days.length - 1;
  const spoken =
    last >= 0
      ? roomWords.airOfTheRoomLast({
          temperature: inUnits(log.temperatureC[last] ?? 0, 'temperature'),
          relativeHumidity: (100 * (log.relativeHumidity[last] ?? 0)).toFixed(0),
        })
      : roomWords.airOfTheRoomForecast();
  return <ScatterChart height="h-72" spoken={spoken} data={data} options={options} />;
}
