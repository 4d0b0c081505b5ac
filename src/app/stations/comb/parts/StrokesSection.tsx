import type { ReactElement } from 'react';
import { framesOfStroke, verdictOfStroke, type Stroke } from '../../../../records';
import { revise, useAppDispatch } from '../../../../store';
import type { HarvestDay } from '../../../data/useHarvest';
import { Button } from '../../../ui/Button';
import { SheetSection } from '../../../ui/SheetSection';
import { ACT_NAMES, percentRange } from '../words';

function StrokeRow({ stroke, day }: { stroke: Stroke; day: HarvestDay }): ReactElement {
  const dispatch = useAppDispatch();
  const { content } = stroke;
  const verdict = verdictOfStroke(content, day.judging.school.id, day.book);
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-6 py-2">
      <div className="grow basis-64">
        <p className="text-lg leading-tight font-bold">
          {content.label}: {ACT_NAMES[content.act].toLowerCase()}
        </p>
        <p className="text-base text-ink-soft">
          {framesOfStroke(content)} frames in {content.boxes} boxes
          {verdict
            ? `, ${Math.round(verdict.share * 100)} % capped (${percentRange(verdict.interval)}) after ${content.looks.length} close looks, at most ${verdict.shortAtMost} frames short`
            : `, ${content.cappedTenths} tenths capped by the look of it`}
        </p>
      </div>
      <Button
        onClick={() =>
          void dispatch(
            revise(`${content.label} removed`, stroke, { withdrawn: true, reason: 'Removed' }),
          )
        }
      >
        Remove
      </Button>
    </li>
  );
}

/** What was judged at one stroke. */
export function StrokesSection({ day }: { day: HarvestDay }): ReactElement | null {
  if (day.file.strokes.length === 0) return null;
  return (
    <SheetSection id="strokes" title="Judged at one stroke">
      <ul className="divide-y divide-thread border-y border-ink">
        {day.file.strokes.map((one) => (
          <StrokeRow key={one.entityId} stroke={one} day={day} />
        ))}
      </ul>
    </SheetSection>
  );
}
