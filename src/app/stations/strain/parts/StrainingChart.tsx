import type { ChartOptions } from 'chart.js';
import { useMemo, type ReactElement } from 'react';
import type { StrainedPoint } from '../../../../core';
import { LINE_ONLY, ScatterChart, axisLook } from '../../../ui/charts/ScatterChart';
import { CHART_INK, CHART_LAVENDER } from '../../../ui/charts/chartLook';
import { lineWords } from '../../../words/english/line';

/** A way to strain, with what is through over time. */
export interface StrainingLine {
  readonly name: string;
  readonly points: readonly StrainedPoint[];
}

const DASHES: readonly (readonly number[])[] = [[], [8, 5], [2, 4]];

interface StrainingChartProps {
  lines: readonly StrainingLine[];
  unit: string;
  fromKg: (kg: number) => number;
}

/** Honey through the strainer over hours; lines are told apart by their dashes and their names. */
export function StrainingChart({ lines, unit, fromKg }: StrainingChartProps): ReactElement {
  const data = useMemo(
    () => ({
      datasets: lines.map(({ name, points }, at) => ({
        label: name,
        data: points.map((point) => ({ x: point.minutes / 60, y: fromKg(point.kg) })),
        ...LINE_ONLY,
        borderWidth: at === 0 ? 4 : 3,
        borderColor: at === 0 ? CHART_INK : CHART_LAVENDER,
        backgroundColor: at === 0 ? CHART_INK : CHART_LAVENDER,
        borderDash: [...(DASHES[at % DASHES.length] ?? [])],
      })),
    }),
    [lines, fromKg],
  );
  const options = useMemo(
    (): ChartOptions<'scatter'> => ({
      scales: {
        x: { min: 0, ...axisLook(lineWords.hoursInside()) },
        y: { min: 0, ...axisLook(lineWords.through({ unit })) },
      },
      plugins: { tooltip: { enabled: false } },
    }),
    [unit],
  );
  const ends = lines.map(({ name, points }) => {
    const hours = (points.at(-1)?.minutes ?? 0) / 60;
    return { name, words: lineWords.hours({ hours: Number(hours.toFixed(1)) }) };
  });
  return (
    <>
      <ScatterChart
        height="h-64"
        spoken={lineWords.throughTheStrainer({
          ends: ends.map((end) => `${end.name} ${end.words}`).join('; '),
        })}
        data={data}
        options={options}
      />
      <ul className="mt-2 space-y-1 text-base">
        {ends.map((end, at) => (
          <li key={end.name} className="flex items-center gap-3">
            <svg aria-hidden viewBox="0 0 40 8" className="h-2 w-10 shrink-0">
              <line
                x1="0"
                x2="40"
                y1="4"
                y2="4"
                strokeWidth="4"
                strokeDasharray={(DASHES[at % DASHES.length] ?? []).join(' ')}
                className={at === 0 ? 'stroke-ink' : 'stroke-lavender'}
              />
            </svg>
            {end.name}: {end.words}
          </li>
        ))}
      </ul>
    </>
  );
}
