import type { ChartData, ChartOptions, Plugin } from 'chart.js';
import type { ReactElement } from 'react';
import { fullChecks, offsetSteps, DAY_MS } from '../../../../../core';
import { localDayOf, type Meter } from '../../../../../model';
import { formatDay } from '../../../../format/dates';
import {
  CHART_INK as INK,
  CHART_LAVENDER as LAVENDER,
  CHART_PAPER,
} from '../../../../ui/charts/chartLook';
import { ScatterChart, axisLook } from '../../../../ui/charts/ScatterChart';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { meterWords } from '../../../../words/english/meter';

interface CheckPoint {
  /** of the check; empty where the meter was set right */
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly doubt: number;
}

const dayText = (day: number): string => formatDay(localDayOf(day * DAY_MS));

/** Draws what each check may be off by, and a line at zero. */
const whiskers: Plugin<'scatter'> = {
  id: 'whiskers',
  beforeDatasetsDraw(chart) {
    const { ctx, scales, chartArea } = chart;
    const { x, y } = scales;
    if (!x || !y) return;
    ctx.save();
    ctx.strokeStyle = INK();
    ctx.lineWidth = 1.5;
    const zero = y.getPixelForValue(0);
    ctx.beginPath();
    ctx.moveTo(chartArea.left, zero);
    ctx.lineTo(chartArea.right, zero);
    ctx.stroke();
    for (const { data } of chart.data.datasets) {
      for (const point of data as unknown as CheckPoint[]) {
        const at = x.getPixelForValue(point.x);
        ctx.beginPath();
        ctx.moveTo(at, y.getPixelForValue(point.y - point.doubt));
        ctx.lineTo(at, y.getPixelForValue(point.y + point.doubt));
        ctx.stroke();
      }
    }
    ctx.restore();
  },
};

/** Set right after a check, the line goes on from zero. */
const setRight = ({ atDay }: Meter['points'][number]): CheckPoint => {
  return { id: '', x: atDay, y: 0, doubt: 0 };
};

function chartData(meter: Meter): ChartData<'scatter', CheckPoint[]> {
  const pointOf = (zeroPoint: Meter['points'][number]): CheckPoint => {
    return {
      id: zeroPoint.id,
      x: zeroPoint.atDay,
      y: zeroPoint.offsetPercent,
      doubt: 2 * zeroPoint.standardPercent,
    };
  };
  const jumps = new Set(
    offsetSteps(meter.points).flatMap((offsetStep) =>
      offsetStep.jump ? [offsetStep.laterId] : [],
    ),
  );
  const full = fullChecks(meter.points);
  const isJump = (checkPoint: CheckPoint): boolean => jumps.has(checkPoint.id);
  const isSet = (checkPoint: CheckPoint): boolean => checkPoint.id === '';
  const points = full.flatMap((zeroPoint) => [
    pointOf(zeroPoint),
    ...(zeroPoint.adjusted ? [setRight(zeroPoint)] : []),
  ]);
  return {
    datasets: [
      {
        label: meterWords.fullChecks(),
        data: points,
        showLine: true,
        borderColor: LAVENDER,
        borderWidth: 2,
        backgroundColor: points.map((point) => (isJump(point) ? CHART_PAPER() : LAVENDER())),
        pointBorderColor: points.map((point) => (isJump(point) ? INK() : LAVENDER())),
        pointBorderWidth: points.map((point) => (isJump(point) ? 4 : 1)),
        pointRadius: points.map((point) => (isJump(point) ? 10 : isSet(point) ? 0 : 6)),
        pointStyle: points.map((point) => (isJump(point) ? 'triangle' : 'circle')),
      },
      {
        label: meterWords.roughChecks(),
        data: meter.points.filter((point) => point.rough).map(pointOf),
        backgroundColor: CHART_PAPER,
        borderColor: INK,
        pointBorderWidth: 2,
        pointRadius: 6,
        pointStyle: 'rect',
      },
    ],
  };
}

/** Ends of the axis, so that every whisker is seen whole. */
function endsOf({ points }: Meter): { suggestedMin: number; suggestedMax: number } {
  const low = points.map((point) => point.offsetPercent - 2 * point.standardPercent);
  const high = points.map((point) => point.offsetPercent + 2 * point.standardPercent);
  return { suggestedMin: Math.min(-0.5, ...low), suggestedMax: Math.max(0.5, ...high) };
}

const optionsFor = (meter: Meter): ChartOptions<'scatter'> => ({
  scales: {
    x: {
      type: 'linear',
      ...axisLook(),
      ticks: { color: INK, maxTicksLimit: 5, callback: (value) => dayText(Number(value)) },
    },
    y: {
      ...endsOf(meter),
      ...axisLook(meterWords.tooDryPointsTooWet()),
    },
  },
  plugins: {
    tooltip: {
      callbacks: {
        label: ({ parsed }) =>
          meterWords.points2({ dayText: dayText(parsed.x ?? 0), y: (parsed.y ?? 0).toFixed(2) }),
      },
    },
  },
});

/** The same as words, for those who cannot see the chart. */
function spoken(meter: Meter): string {
  const checks = fullChecks(meter.points).map(
    (fullCheck) => `${dayText(fullCheck.atDay)} ${fullCheck.offsetPercent.toFixed(1)}`,
  );
  return meterWords.offsetFoundAtEachCheck({ checks: checks.join('; ') });
}

/** How the zero of a meter wandered: each check with what it may be off by, jumps marked. */
export function DriftChart({ meter }: { meter: Meter }): ReactElement {
  if (meter.points.length === 0) {
    return (
      <SheetSection id="drift" title={meterWords.howItsZeroHasDrifted()}>
        <p className="text-lg">{meterWords.noCheckYet()}</p>
      </SheetSection>
    );
  }
  return (
    <SheetSection id="drift" title={meterWords.howItsZeroHasDrifted()}>
      <ScatterChart
        height="h-72"
        spoken={spoken(meter)}
        data={chartData(meter)}
        options={optionsFor(meter)}
        plugins={[whiskers]}
      />
      <p className="mt-1 text-base text-ink-soft">{meterWords.dotsChecksWithOilOr()}</p>
    </SheetSection>
  );
}
