import type { ReactElement } from 'react';
import {
  framesOfStroke,
  heldBoxes,
  strokePartsOfDay,
  typedBoxes,
  verdictOfStroke,
  type HarvestDay,
} from '../../../../model';
import { type Stroke } from '../../../../records';
import { revise, useAppDispatch } from '../../../../store';
import { boxName } from '../../../forms/hives/strokeForm';
import { counted } from '../../../format/counted';
import { Button } from '../../../ui/Button';
import { SheetSection } from '../../../ui/page/SheetSection';
import { ACT_NAMES, percentRange } from '../words';

function StrokeRow({ stroke, day }: { stroke: Stroke; day: HarvestDay }): ReactElement {
  const dispatch = useAppDispatch();
  const { content } = stroke;
  const held = heldBoxes(strokePartsOfDay(stroke, day));
  const verdict = verdictOfStroke(content, day.judging.school.id, day.book);
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-6 py-2">
      <div className="grow basis-64">
        <p className="text-lg leading-tight font-bold">
          {content.label}: {ACT_NAMES[content.act].toLowerCase()}
        </p>
        <p className="text-base text-ink-soft">
          {framesOfStroke(content)} frames in {counted(content.boxes, 'box', 'boxes')}
          {verdict
            ? `, ${Math.round(verdict.share * 100)} % capped (${percentRange(verdict.interval)}) after ${content.looks.length} close looks, at most ${verdict.shortAtMost} frames short`
            : `, ${content.cappedTenths} tenths capped by the look of it`}
        </p>
        {held.length > 0 && (
          <p className="text-base font-semibold">
            Left on the hive: {held.map(({ box }) => boxName(day.book, box)).join(', ')} (
            {held[0]?.because})
          </p>
        )}
        {typedBoxes(content) > 0 && (
          <p className="text-base">
            {counted(typedBoxes(content), 'box', 'boxes')} not in the book: say on the lot whether
            their hives were treated or fed.
          </p>
        )}
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

/** Yards, hives and stacks that were judged as a whole. */
export function StrokesSection({ day }: { day: HarvestDay }): ReactElement | null {
  if (day.file.strokes.length === 0) return null;
  return (
    <SheetSection id="strokes" title="Judged as a whole">
      <ul className="divide-y divide-thread border-y border-ink">
        {day.file.strokes.map((one) => (
          <StrokeRow key={one.entityId} stroke={one} day={day} />
        ))}
      </ul>
    </SheetSection>
  );
}
