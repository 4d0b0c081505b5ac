import { useMemo, type ReactElement } from 'react';
import type { Flow } from '../../../../records';
import { isoToday } from '../../../format/dates';
import { drawnFlows } from '../flowLines';
import { seasonWords } from '../../../words/english/season';
import { CALENDAR_ROW, CalendarBar, CalendarFrame } from './CalendarFrame';

/** Flows on one calendar: expected as an outline, observed solid, today as a line. */
export function FlowLines({ flows }: { flows: readonly Flow[] }): ReactElement | null {
  const drawing = useMemo(() => drawnFlows(flows, isoToday()), [flows]);
  if (flows.length === 0) return null;
  const { lines, days, today, months } = drawing;
  return (
    <CalendarFrame
      label={seasonWords.flowsOnOneCalendarThe()}
      rows={lines.length}
      {...{ days, today, months }}
    >
      {(share) =>
        lines.map(({ id, name, year, expected, observed }, row) => (
          <g key={id}>
            <text x="0" y={row * CALENDAR_ROW + 12} className="fill-ink text-[13px]">
              {name}, {year}
            </text>
            <CalendarBar {...{ share, row }} span={expected} look="outline" />
            {observed && (
              <CalendarBar
                {...{ share, row }}
                span={[observed[0], observed[1] ?? today ?? expected[1]]}
                look="solid"
              />
            )}
          </g>
        ))
      }
    </CalendarFrame>
  );
}
