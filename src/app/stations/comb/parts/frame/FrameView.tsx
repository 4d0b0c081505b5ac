import { useFrameController, type FrameInHand } from '../../useFrameController';
import { useRef, type PointerEvent, type ReactElement } from 'react';
import { limitOfDay } from '../../../../../model';
import { FormFrame } from '../../../../ui/forms/FormFrame';
import { BoxAside } from '../BoxAside';
import { FrameForm } from './FrameForm';
import { MoveFold } from './MoveFold';
import { PhotoFold } from './PhotoFold';
import { SlotStrip } from './SlotStrip';
import { SpoilNote } from './SpoilNote';
import { VerdictBar } from './VerdictBar';
import { FrameChoices } from './FrameChoices';
import { combWords } from '../../../../words/english/comb';

/** How far a finger moves before it is a swipe [px], mostly sideways. */
const SWIPE = 70;

/** A swipe over the page turns to the next frame; boards that are painted keep their own fingers. */
function useSwipe(turn: (by: 1 | -1) => void) {
  const start = useRef<{ x: number; y: number } | null>(null);
  return {
    onPointerDown: (event: PointerEvent): void => {
      const target = event.target instanceof Element ? event.target : null;
      const own = target?.closest('[role="application"], input, select') !== null;
      start.current =
        event.pointerType === 'touch' && !own ? { x: event.clientX, y: event.clientY } : null;
    },
    onPointerUp: (event: PointerEvent): void => {
      const from = start.current;
      start.current = null;
      if (!from) return;
      const [dx, dy] = [event.clientX - from.x, event.clientY - from.y];
      if (Math.abs(dx) > SWIPE && Math.abs(dx) > 2 * Math.abs(dy)) turn(dx < 0 ? 1 : -1);
    },
    onPointerCancel: (): void => {
      start.current = null;
    },
  };
}

function missingWords(errors: Readonly<Record<string, { sentence: string }>>): string {
  return Object.values(errors)[0]?.sentence ?? '';
}

/** One frame with everything beside it. */
export function FrameView(props: FrameInHand): ReactElement {
  const { day, box, places, slot, others, task } = props;
  const { judge, judged, turn, turnTo, expectation, taken, takenHere, last } =
    useFrameController(props);
  const swipe = useSwipe((by) => void turn(by));
  const colonyFirst = day.judging.school.stays === 'colony-first';
  const boxAside = <BoxAside day={day} box={box} others={others} />;
  return (
    <FormFrame
      form={judge.form}
      live={judge.parsed.ok ? {} : judge.parsed.errors}
      onSubmit={() => undefined}
      label={combWords.thisFrame()}
    >
      <div {...swipe}>
        <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 wide:grid-cols-[minmax(0,1fr)_minmax(0,25rem)]">
          <div>
            <SlotStrip
              places={places}
              day={day}
              box={box}
              slot={slot}
              onSlot={(next) => void turnTo(next)}
            />
            <FrameForm task={task} judge={judge} />
            <PhotoFold task={task} />
            <MoveFold task={task} book={day.book} taken={takenHere} />
          </div>
          <aside aria-label={combWords.thisFrameAndThisBox()} className="mt-6 space-y-6 wide:mt-2">
            {colonyFirst && boxAside}
            {judged && <FrameChoices judged={judged} />}
            {judged && (
              <SpoilNote
                frame={judged}
                taken={taken.map((keptJudgedFrame) => keptJudgedFrame.evidence)}
                expectation={expectation}
                limitPercent={limitOfDay(day.book, day.harvest)}
              />
            )}
            {!colonyFirst && boxAside}
          </aside>
        </div>
        <VerdictBar
          judged={judged}
          missing={judge.parsed.ok ? '' : missingWords(judge.parsed.errors)}
          onBack={() => void turn(-1)}
          onNext={() => void turn(1)}
          nextLabel={last ? combWords.boxFinished() : combWords.nextFrame()}
        />
      </div>
    </FormFrame>
  );
}
