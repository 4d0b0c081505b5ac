import type { ReactElement } from 'react';
import { type SeasonBoard } from '../../../../../model';
import { SheetSection } from '../../../../ui/page/SheetSection';
import { whenWords } from '../../../../words/english/when';
import { seasonDrawing } from '../../seasonDrawing';
import { CALENDAR_ROW, CalendarBar, CalendarFrame } from '../CalendarFrame';

/** Flows, treatments and proposed days of all yards on one calendar. */
export function SeasonLine({ board }: { board: SeasonBoard }): ReactElement | null {
  const { rows, days, today, months } = seasonDrawing(board);
  if (rows.length === 0) return null;
  return (
    <SheetSection id="line" title={whenWords.theSeasonsLine()}>
      <CalendarFrame
        label={whenWords.seasonsLineAbout()}
        rows={rows.length}
        {...{ days, today, months }}
      >
        {(share) =>
          rows.map(({ id, name, outline, solid, ticks }, row) => (
            <g key={id}>
              <text x="0" y={row * CALENDAR_ROW + 12} className="fill-ink text-[13px]">
                {name}
              </text>
              {outline && <CalendarBar {...{ share, row }} span={outline} look="outline" />}
              {solid && <CalendarBar {...{ share, row }} span={solid} look="solid" />}
              {ticks.map((tick) => (
                <line
                  key={tick}
                  x1={share(tick)}
                  x2={share(tick)}
                  y1={row * CALENDAR_ROW + 14}
                  y2={row * CALENDAR_ROW + 32}
                  className="stroke-ink"
                  strokeWidth="4"
                />
              ))}
            </g>
          ))
        }
      </CalendarFrame>
    </SheetSection>
  );
}
