import clsx from 'clsx';
import { useEffect, useRef, type ReactElement } from 'react';
import type { BoxPlace, HarvestDay } from '../../../../../model';
import type { Box } from '../../../../../records';
import { useAppSelector } from '../../../../../store';
import { frameFormKey } from '../../useJudgeFrame';
import { ACT_NAMES } from '../../words';
import { FrameMark } from './FrameMark';
import { frameWords } from '../../../../words/english/frame';

interface SlotStripProps {
  places: readonly BoxPlace[];
  day: HarvestDay;
  box: Box;
  slot: number;
  onSlot: (slot: number) => void;
}

/** The frames of the box side by side, as they hang; the one in hand is marked. */
export function SlotStrip({ places, day, box, slot, onSlot }: SlotStripProps): ReactElement {
  const drafts = useAppSelector((state) => state.drafts);
  const strip = useRef<HTMLDivElement>(null);
  const current = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    const [row, mark] = [strip.current, current.current];
    // only the strip moves, never the page under the thumb
    if (row && mark) row.scrollLeft = mark.offsetLeft - (row.clientWidth - mark.clientWidth) / 2;
  }, [slot]);
  const acts = new Map(
    day.judged.map((keptJudgedFrame) => [keptJudgedFrame.frameId, keptJudgedFrame.act]),
  );
  return (
    <div
      ref={strip}
      role="group"
      aria-label={frameWords.framesOfThisBox()}
      className="relative -mx-4 flex overflow-x-auto px-4 py-1"
    >
      {places.map(({ slot: at, frame, today }) => {
        const act =
          today && frame ? (acts.get(frame.entityId) ?? today.content.decision.act) : null;
        const begun = frameFormKey(day.harvest.entityId, box.entityId, at) in drafts;
        const words = act ? ACT_NAMES[act] : begun ? frameWords.begun() : frameWords.notJudged();
        return (
          <button
            key={at}
            ref={at === slot ? current : undefined}
            type="button"
            aria-label={frameWords.frame4({ at, words })}
            aria-current={at === slot ? 'step' : undefined}
            onClick={() => onSlot(at)}
            className={clsx(
              'flex min-h-18 w-11 shrink-0 grow flex-col items-center justify-center border-b-8',
              at === slot ? 'border-lavender bg-lavender-pale' : 'border-transparent',
            )}
          >
            <FrameMark check={today?.content ?? null} act={act} begun={begun} />
          </button>
        );
      })}
    </div>
  );
}
