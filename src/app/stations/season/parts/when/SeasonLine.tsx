import type { ReactElement } from 'react';
import { type SeasonBoard } from '../../../../../model';
import { formatMonth } from '../../../../format/dates';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { seasonWords } from '../../../../words/english/season';
import { whenWords } from '../../../../words/english/when';
import { seasonDrawing } from '../../seasonDrawing';

const ROW = 34;

/** Flows, treatments and proposed days of all yards on one calendar. */
export function SeasonLine({ board }: { board: SeasonBoard }): ReactElement | null {
  const { rows, days, today, months } = seasonDrawing(board);
  if (rows.length === 0) return null;
  const share = (day: number): string => `${((100 * day) / days).toFixed(2)}%`;
  const foot = rows.length * ROW + 4;
  const height = foot + 36;
  return (
    <SheetSection id="line" title={whenWords.theSeasonsLine()}>
      <svg
        role="img"
        aria-label={whenWords.seasonsLineAbout()}
        width="100%"
        height={height}
        className="block"
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
        {rows.map(({ id, name, outline, solid, ticks }, at) => (
          <g key={id}>
            <text x="0" y={at * ROW + 12} className="fill-ink text-[13px]">
              {name}
            </text>
            {outline && (
              <rect
                x={share(outline[0])}
                width={share(Math.max(0.6, outline[1] - outline[0]))}
                y={at * ROW + 17}
                height="12"
                className="fill-paper stroke-ink"
                strokeWidth="1.5"
              />
            )}
            {solid && (
              <rect
                x={share(solid[0])}
                width={share(Math.max(0.6, solid[1] - solid[0]))}
                y={at * ROW + 20}
                height="6"
                className="fill-lavender"
              />
            )}
            {ticks.map((tick) => (
              <line
                key={tick}
                x1={share(tick)}
                x2={share(tick)}
                y1={at * ROW + 14}
                y2={at * ROW + 32}
                className="stroke-ink"
                strokeWidth="4"
              />
            ))}
          </g>
        ))}
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
      </svg>
    </SheetSection>
  );
}
