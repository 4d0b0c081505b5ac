import { ListTree } from 'lucide-react';
import { useRef, type PointerEvent, type ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import { EXTRACTED_ACTS, TAKING_ACTS, usualByPosition } from '../../../core';
import {
  colonyOf,
  limitOfDay,
  yardOfBox,
  type BoxPlace,
  type FrameStory,
  type HarvestDay,
} from '../../../model';
import { type Box } from '../../../records';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useCommands } from '../../commands/useCommands';
import { useExpectation } from '../../data/useExpectation';
import { FormFrame } from '../../ui/forms/FormFrame';
import { BoxAside } from './parts/BoxAside';
import { FrameForm } from './parts/frame/FrameForm';
import { MoveFold } from './parts/frame/MoveFold';
import { PhotoFold } from './parts/frame/PhotoFold';
import { SlotStrip } from './parts/frame/SlotStrip';
import { SpoilNote } from './parts/frame/SpoilNote';
import { VerdictBar } from './parts/frame/VerdictBar';
import { FrameChoices } from './parts/frame/FrameChoices';
import { useJudgeFrame, type JudgeTask } from './useJudgeFrame';
import { combWords } from '../../words/english/comb';

interface JudgeViewProps {
  day: HarvestDay;
  box: Box;
  places: readonly BoxPlace[];
  others: readonly FrameStory[];
  slot: number;
  onSlot: (slot: number) => void;
}

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

const USUAL = {
  poorer: combWords.usuallyLessCappedHere(),
  ordinary: '',
  fuller: combWords.usuallyMoreCappedHere(),
} as const;

function missingWords(errors: Readonly<Record<string, { sentence: string }>>): string {
  return Object.values(errors)[0]?.sentence ?? '';
}

interface FrameViewProps extends JudgeViewProps {
  task: JudgeTask;
}

/** One frame with everything beside it. */
function FrameView({ day, box, places, slot, onSlot, others, task }: FrameViewProps): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const navigate = useNavigate();
  const judge = useJudgeFrame(task);
  const { judged } = judge;
  const climate = yardOfBox(day.book, box)?.content.climate ?? 'not-said';
  const expectation = useExpectation(climate);
  const back = `/${workspace}/comb/${day.harvest.entityId}`;
  const last = slot === places.length;

  const turn = async (by: 1 | -1): Promise<void> => {
    await judge.keep();
    const next = slot + by;
    if (next > places.length) await navigate(back);
    else if (next >= 1) onSlot(next);
  };
  useCommands([
    {
      id: 'next',
      title: combWords.saveNextFrame(),
      key: 'ArrowRight',
      run: () => void turn(1),
    },
    {
      id: 'back',
      title: combWords.savePreviousFrame(),
      key: 'ArrowLeft',
      run: () => void turn(-1),
    },
    { id: 'day', title: combWords.backToTheDay(), key: 'b', run: () => void navigate(back) },
  ]);
  const swipe = useSwipe((by) => void turn(by));
  const frameId = task.place.frame?.entityId;
  const taken = day.judged.filter(
    (one) => one.frameId !== frameId && EXTRACTED_ACTS.includes(one.act),
  );
  const takenHere = places.flatMap(({ frame }) =>
    frame &&
    day.judged.some((one) => one.frameId === frame.entityId && TAKING_ACTS.includes(one.act))
      ? [frame]
      : [],
  );
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
              onSlot={(next) => void judge.keep().then(() => onSlot(next))}
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
                taken={taken.map((one) => one.evidence)}
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

/** A box on a day: which frame is in hand, and that frame. */
export function JudgeView(props: JudgeViewProps): ReactElement {
  const { day, box, places, others, slot } = props;
  const workspace = useAppSelector(selectWorkspace);
  const place = places[slot - 1];
  const task = place && { harvest: day.harvest, judging: day.judging, box, place, others };
  const colony = colonyOf(day.book, box.content.colonyId);
  const usual = USUAL[usualByPosition(slot, places.length, box.content.role)];
  const facts = [
    combWords.frameOf({ slot, places: places.length }),
    day.judging.school.name,
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
