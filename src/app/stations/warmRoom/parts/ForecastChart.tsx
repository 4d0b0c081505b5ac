import type { ChartData, ChartOptions, Plugin } from 'chart.js';
import { useMemo, type ReactElement } from 'react';
import {
  moistureBand,
  type Band,
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
import type { AskedRoom } from '../roomQuestion';
import { roomWords } from '../../../words/english/room';
import { formatShortDay, formatWeekTime, formatWeekday } from '../../../format/dates';
import { commonWords } from '../../../words/english/common';

interface ForecastChartProps {
  asked: AskedRoom;
  /** place of the batch among those of the question */
  at: number;
  outlook: RoomOutlook;
  draws: readonly ForecastDraw[];
}

/** A line over the days of the run; times at which the batch is not in are left out. */
const pointsOf = (
  days: readonly number[],
  values: readonly number[],
  zeroMs: number,
): ChartPoint[] =>
  days.flatMap((day, at) => {
    const y = values[at] ?? NaN;
    return Number.isFinite(y) ? [{ x: zeroMs + day * DAY_MS, y }] : [];
  });

const LINE = { ...LINE_ONLY, tension: 0.2 } as const;

function bandSets(band: Band, days: readonly number[], zeroMs: number) {
  return [
    { ...LINE, label: '5 %', data: pointsOf(days, band.low, zeroMs), borderWidth: 0 },
    {
      ...LINE,
      label: roomWords.ofCases(),
      data: pointsOf(days, band.high, zeroMs),
      borderWidth: 0,
      fill: '-1',
      backgroundColor: CHART_LAVENDER_PALE,
    },
  ];
}

function chartData({
  asked,
  at,
  outlook,
  draws,
}: ForecastChartProps): ChartData<'scatter', ChartPoint[]> {
  const { zeroMs, targets, run } = asked.present;
  const course = outlook.batches[at];
  const { days } = outlook;
  const checks = asked.batches[at]?.checks ?? [];
  const [first, last] = [days[0] ?? 0, days[days.length - 1] ?? 0];
  const target = targets[at] ?? 17;
  const line = (values: readonly number[]) => pointsOf(days, values, zeroMs);
  return {
    datasets: [
      ...(draws.length > 1 ? bandSets(moistureBand(draws, at), run.reportDays, zeroMs) : []),
      {
        ...LINE,
        label: roomWords.mostLikely(),
        data: line(course?.meanPercent ?? []),
        borderColor: CHART_LAVENDER,
        borderWidth: 3,
      },
      {
        ...LINE,
        label: roomWords.dryEnough(),
        data: pointsOf([first, last], [target, target], zeroMs),
        borderColor: CHART_INK,
        borderWidth: 3,
      },
      {
        label: roomWords.measured(),
        data: checks.flatMap(({ content }) =>
          content.found.by === 'moisture'
            ? [{ x: Date.parse(content.takenAt), y: content.found.percent }]
            : [],
        ),
        backgroundColor: CHART_PAPER,
        borderColor: CHART_INK,
        pointBorderWidth: 3,
        pointRadius: 7,
        pointStyle: checks.flatMap(({ content }) =>
          content.found.by === 'moisture' ? [MARKS[content.found.of]] : [],
        ),
      },
    ],
  };
}

/** Open cells, capped ones and mixed honey by mark, not by colour. */
const MARKS = { open: 'circle', capped: 'rect', all: 'triangle' } as const;

/** A line where past and forecast meet. */
const nowLine = (nowMs: number): Plugin<'scatter'> => ({
  id: 'now',
  beforeDatasetsDraw({ ctx, scales, chartArea }) {
    const at = scales['x']?.getPixelForValue(nowMs) ?? 0;
    ctx.save();
    ctx.strokeStyle = CHART_INK();
    ctx.setLineDash([5, 5]);
    ctx.beginPath();
    ctx.moveTo(at, chartArea.top);
    ctx.lineTo(at, chartArea.bottom);
    ctx.stroke();
    ctx.fillStyle = CHART_INK();
    ctx.fillText(commonWords.now(), at + 5, chartArea.top + 12);
    ctx.restore();
  },
});

const optionsFor = (fromMs: number, toMs: number): ChartOptions<'scatter'> => ({
  scales: {
    x: {
      type: 'linear',
      min: fromMs,
      max: toMs,
      ...axisLook(),
      afterBuildTicks: (axis) => {
        const every = Math.ceil((toMs - fromMs) / DAY_MS / 7);
        const count = Math.floor((toMs - fromMs) / DAY_MS / every) + 1;
        axis.ticks = Array.from({ length: count }, (_, at) => {
          return { value: fromMs + at * every * DAY_MS };
        });
      },
      ticks: { color: CHART_INK, callback: (value) => formatShortDay(Number(value)) },
    },
    y: axisLook(roomWords.water()),
  },
  plugins: {
    tooltip: {
      callbacks: {
        label: ({ parsed, dataset }) =>
          `${dataset.label ?? ''}: ${(parsed.y ?? 0).toFixed(1)} %, ${formatWeekTime(parsed.x ?? 0)}`,
      },
    },
  },
});

function spoken({ asked, at, outlook }: ForecastChartProps): string {
  const name = asked.batches[at]?.batch.content.name ?? '';
  const means = outlook.batches[at]?.meanPercent ?? [];
  const values = outlook.days
    .map((day, index) => ({ day, percent: means[index] ?? NaN }))
    .filter(
      (item) => Number.isFinite(item.percent) && Math.abs(item.day - Math.round(item.day)) < 0.01,
    )
    .map(({ day, percent }) => {
      const date = formatWeekday(asked.present.zeroMs + day * DAY_MS);
      return `${date} ${percent.toFixed(1)}`;
    });
  return roomWords.waterInMostLikelyCourse({ name, values: values.join(', ') });
}

/** Past and forecast of one batch: the most likely course, its band, what was measured, the target. */
export function ForecastChart(props: ForecastChartProps): ReactElement {
  const { asked, at, outlook, draws } = props;
  const { zeroMs, nowDay } = asked.present;
  const data = useMemo(() => chartData({ asked, at, outlook, draws }), [asked, at, outlook, draws]);
  const nowMs = zeroMs + nowDay * DAY_MS;
  const plugins = useMemo(() => [nowLine(nowMs)], [nowMs]);
  const endMs = zeroMs + (outlook.days[outlook.days.length - 1] ?? 0) * DAY_MS;
  const options = useMemo(() => optionsFor(zeroMs, endMs), [zeroMs, endMs]);
  return (
    <>
      <ScatterChart
        height="h-80"
        spoken={spoken(props)}
        data={data}
        options={options}
        plugins={plugins}
      />
      <p className="mt-1 text-base text-ink-soft">{roomWords.lineMostLikelyShadedOf()}</p>
    </>
  );
}
