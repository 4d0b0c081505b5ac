import { useMemo, type ReactElement } from 'react';
import type { Flow } from '../../../../records';
import { formatMonth, isoToday } from '../../../format/dates';
import { drawnFlows } from '../flowLines';
import { seasonWords } from '../../../words/english/season';

const ROW = 34;

/** Flows on one calendar: expected as an outline, observed solid, today as a line. */
export function FlowLines({ flows }: { flows: readonly Flow[] }): ReactElement | null {
  const drawing = useMemo(() => drawnFlows(flows, isoToday()), [flows]);
  if (flows.length === 0) return null;
  const { lines, days, today, months } = drawing;
  const share = (day: number): string => `${((100 * day) / days).toFixed(2)}%`;
  const foot = lines.length * ROW + 4;
  const height = foot + 36;
  return (
    <svg
      role="img"
      aria-label={seasonWords.flowsOnOneCalendarThe()}
      width="100%"
      height={height}
      className="mb-2 block"
    >
      <line x1="0" x2="100%" y1={foot} y2={foot} className="stroke-ink" strokeWidth="1.5" />
      {months.map(({ at, day }) => (
        <g key={day}>
          <line x1={share(at)} x2={share(at)} y1="0" y2={foot + 5} className="stroke-thread" />
          <text x={share(at)} y={foot + 17} className="fill-ink text-[13px]">
            {formatMonth(day)}
          </text>
        </g>
      ))}
      {lines.map((line, at) => {
        const y = at * ROW;
        const end = line.observed ? (line.observed[1] ?? today ?? line.expected[1]) : 0;
        return (
          <g key={line.id}>
            <text x="0" y={y + 12} className="fill-ink text-[13px]">
              {line.name}, {line.year}
            </text>
            <rect
              x={share(line.expected[0])}
              width={share(Math.max(1, line.expected[1] - line.expected[0]))}
              y={y + 17}
              height="12"
              className="fill-paper stroke-ink"
              strokeWidth="1.5"
            />
            {line.observed && (
              <rect
                x={share(line.observed[0])}
                width={share(Math.max(1, end - line.observed[0]))}
                y={y + 20}
                height="6"
                className="fill-lavender"
              />
            )}
          </g>
        );
      })}
      {today !== null && (
        <g>
          <line
            x1={share(today)}
            x2={share(today)}
            y1="0"
            y2={foot}
            className="stroke-ink"
            strokeWidth="2"
            strokeDasharray="5 4"
          />
          <text
            x={share(today)}
            y={height - 2}
            textAnchor={today > days / 2 ? 'end' : 'start'}
            className="fill-ink text-[13px] font-bold"
          >
            {seasonWords.today()}
          </text>
        </g>
      )}
    </svg>
  );
}
