import { ListTree } from 'lucide-react';
import { type ReactElement } from 'react';
import { Link } from 'react-router';
import { usualByPosition } from '../../../core';
import { colonyOf } from '../../../model';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useOwnEye } from '../../data/useOwnEye';
import { combWords } from '../../words/english/comb';
import { frameSum } from './frameSum';
import type { BoxInHand } from './useBoxController';
import { FrameView } from './parts/frame/FrameView';

const USUAL = {
  poorer: combWords.usuallyLessCappedHere(),
  ordinary: '',
  fuller: combWords.usuallyMoreCappedHere(),
} as const;

/** A box on a day: which frame is in hand, and that frame. */
export function JudgeView(props: BoxInHand): ReactElement {
  const { day, box, places, others, slot, warmthC } = props;
  const eye = useOwnEye();
  const workspace = useAppSelector(selectWorkspace);
  const place = places[slot - 1];
  const { harvest, judging } = day;
  const task = place && { harvest, judging, box, place, others, warmthC, eye };
  const colony = colonyOf(day.book, box.content.colonyId);
  const usual = USUAL[usualByPosition(slot, places.length, box.content.role)];
  const facts = [
    combWords.frameOf({ slot, places: places.length }),
    frameSum(day.judged, box.entityId) || day.judging.school.name,
    usual,
  ];
  return (
    <>
      <header className="flex items-center gap-3 pt-1 wide:pt-3">
        <Link
          to={`/${workspace}/comb/${day.harvest.entityId}`}
          aria-label={combWords.backTo({ name: day.harvest.content.name })}
          className="flex size-14 shrink-0 items-center justify-center hover:bg-lavender-pale"
        >
          <ListTree aria-hidden className="size-7" />
        </Link>
        <div>
          <h1 className="text-2xl leading-tight font-bold wide:text-3xl">
            {[colony?.content.name, box.content.label].filter(Boolean).join(', ')}
          </h1>
          <p className="text-base leading-tight text-ink-soft">
            {facts.filter((fact) => fact !== '').join(' · ')}
          </p>
        </div>
      </header>
      {task && <FrameView key={`${box.entityId}:${slot}`} {...props} task={task} />}
    </>
  );
}
