import type { ReactElement, ReactNode } from 'react';
import { formatMonth } from '../../../format/dates';
import { seasonWords } from '../../../words/english/season';

/** Height of a row of a drawn calendar: a name, and its bars below. */
export const CALENDAR_ROW = 34;

interface CalendarFrameProps {
  label: string;
  rows: number;
  days: number;
  /** where it is in days from the start; null where it is outside */
  today: number | null;
  months: readonly { readonly at: number; readonly day: string }[];
  /** the rows, placed by the share of the width at which a day stands */
  children: (share: (day: number) => string) => ReactNode;
}

/** A calendar as a drawing: months below, today as a line, rows in between. */
export function CalendarFrame(props: CalendarFrameProps): ReactElement {
  const { label, rows, days, today, months, children } = props;
  const share = (day: number): string => `${((100 * day) / days).toFixed(2)}%`;
  const foot = rows * CALENDAR_ROW + 4;
  const height = foot + 36;
  return (
    <svg role="img" aria-label={label} width="100%" height={height} className="mb-2 block">
      <line x1="0" x2="100%" y1={foot} y2={foot} className="stroke-ink" strokeWidth="1.5" />
      {months.map(({ at, day }) => (
        <g key={day}>
          <line x1={share(at)} x2={share(at)} y1="0" y2={foot + 5} className="stroke-thread" />
          <text x={share(at)} y={foot + 17} className="fill-ink text-[13px]">
            {formatMonth(day)}
          </text>
        </g>
      ))}
      {children(share)}
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

interface CalendarBarProps {
  share: (day: number) => string;
  row: number;
  span: readonly [number, number];
  /** as an outline what was expected, solid what came */
  look: 'outline' | 'solid';
}

/** A stretch of days in a row. */
export function CalendarBar({ share, row, span, look }: CalendarBarProps): ReactElement {
  const isOutline = look === 'outline';
  return (
    <rect
      x={share(span[0])}
      width={share(Math.max(1, span[1] - span[0]))}
      y={row * CALENDAR_ROW + (isOutline ? 17 : 20)}
      height={isOutline ? 12 : 6}
      className={isOutline ? 'fill-paper stroke-ink' : 'fill-lavender'}
      strokeWidth="1.5"
    />
  );
}
