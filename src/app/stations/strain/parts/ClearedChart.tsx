import type { ChartOptions } from 'chart.js';
import { useMemo, type ReactElement } from 'react';
import { MATTER_KINDS, settlingCourse, type MatterKind, type SettlingTask } from '../../../../core';
import { MATTER_NAMES } from '../../../words/strainWords';
import { LINE_ONLY, ScatterChart, axisLook } from '../../../ui/charts/ScatterChart';
import { CHART_INK, CHART_LAVENDER } from '../../../ui/charts/chartLook';
import { lineWords } from '../../../words/english/line';
import { commonWords } from '../../../words/english/common';

const LOOKS: Readonly<Record<MatterKind, { color: () => string; line: string; dash: number[] }>> = {
  bubbles: { color: CHART_LAVENDER, line: 'stroke-lavender', dash: [] },
  wax: { color: CHART_INK, line: 'stroke-ink', dash: [8, 5] },
  specks: { color: CHART_INK, line: 'stroke-ink', dash: [2, 4] },
};

const POINTS = 60;

interface ClearedChartProps {
  task: SettlingTask;
  /** as far as is drawn [h] */
  hours: number;
  /** since it was filled [h]; null where that is not for now */
  nowHours: number | null;
}

/** What has come up, over days; lines are told apart by their dashes and their names. */
export function ClearedChart({ task, hours, nowHours }: ClearedChartProps): ReactElement {
  const times = useMemo(
    () => Array.from({ length: POINTS + 1 }, (_, at) => (hours * at) / POINTS),
    [hours],
  );
  const course = useMemo(() => settlingCourse(task, times), [task, times]);
  const data = useMemo(
    () => ({
      datasets: [
        ...MATTER_KINDS.map((kind) => ({
          label: MATTER_NAMES[kind],
          data: course.map((settlingMoment) => ({
            x: settlingMoment.hours / 24,
            y: 100 * settlingMoment.matter[kind].share,
          })),
          ...LINE_ONLY,
          borderWidth: 3,
          borderColor: LOOKS[kind].color,
          borderDash: LOOKS[kind].dash,
        })),
        ...(nowHours !== null && nowHours <= hours
          ? [
              {
                label: lineWords.now(),
                data: [
                  { x: nowHours / 24, y: 0 },
                  { x: nowHours / 24, y: 100 },
                ],
                ...LINE_ONLY,
                borderWidth: 4,
                borderColor: CHART_INK,
              },
            ]
          : []),
      ],
    }),
    [course, nowHours, hours],
  );
  const options = useMemo(
    (): ChartOptions<'scatter'> => ({
      scales: {
        x: { min: 0, max: hours / 24, ...axisLook(commonWords.days()) },
        y: { min: 0, max: 100, ...axisLook(lineWords.up()) },
      },
      plugins: { tooltip: { enabled: false } },
    }),
    [hours],
  );
  const end = course.at(-1);
  const words = MATTER_KINDS.map(
    (kind) => `${MATTER_NAMES[kind]} ${Math.round(100 * (end?.matter[kind].share ?? 0))} %`,
  );
  return (
    <>
      <ScatterChart
        height="h-64"
        spoken={lineWords.afterDaysUp({ hours: Math.round(hours / 24), words: words.join(', ') })}
        data={data}
        options={options}
      />
      <ul className="mt-2 flex flex-wrap gap-x-6 text-base">
        {MATTER_KINDS.map((kind) => (
          <li key={kind} className="flex items-center gap-2">
            <svg aria-hidden viewBox="0 0 40 8" className="h-2 w-10">
              <line
                x1="0"
                x2="40"
                y1="4"
                y2="4"
                strokeWidth="3"
                className={LOOKS[kind].line}
                strokeDasharray={LOOKS[kind].dash.join(' ')}
              />
            </svg>
            {MATTER_NAMES[kind]}
          </li>
        ))}
      </ul>
    </>
  );
}
