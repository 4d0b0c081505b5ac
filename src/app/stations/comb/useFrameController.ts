import { useNavigate } from 'react-router';
import { EXTRACTED_ACTS, TAKING_ACTS } from '../../../core';
import { yardOfBox } from '../../../model';
import { selectWorkspace, useAppSelector } from '../../../store';
import { useCommands } from '../../commands/useCommands';
import { useExpectation } from '../../data/useExpectation';
import type { BoxInHand } from './useBoxController';
import { useJudgeFrame, type JudgeTask } from './useJudgeFrame';
import { combWords } from '../../words/english/comb';

/** A box as it hangs, and which of its frames is in hand. */
export interface FrameInHand extends BoxInHand {
  readonly task: JudgeTask;
}

/** The frame in hand: what is typed of it, how it is judged, and turning to the next. */
export function useFrameController({ day, box, places, slot, onSlot, task }: FrameInHand) {
  const workspace = useAppSelector(selectWorkspace);
  const navigate = useNavigate();
  const judge = useJudgeFrame(task);
  const { judged } = judge;
  const climate = yardOfBox(day.book, box)?.content.climate ?? 'not-said';
  const expectation = useExpectation(climate);
  const back = `/${workspace}/comb/${day.harvest.entityId}`;
  const last = slot === places.length;

  /** Another frame is in hand at once: what is tapped while this one is being stored is of that one. */
  const turnTo = async (next: number): Promise<void> => {
    const kept = judge.keep();
    if (next >= 1 && next <= places.length) onSlot(next, judge.warmthC);
    await kept;
    if (next > places.length) await navigate(back);
  };
  const turn = (by: 1 | -1): Promise<void> => turnTo(slot + by);
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
  const frameId = task.place.frame?.entityId;
  const taken = day.judged.filter(
    (other) => other.frameId !== frameId && EXTRACTED_ACTS.includes(other.act),
  );
  const takenHere = places.flatMap(({ frame }) =>
    frame &&
    day.judged.some((other) => other.frameId === frame.entityId && TAKING_ACTS.includes(other.act))
      ? [frame]
      : [],
  );
  return { judge, judged, turn, turnTo, expectation, taken, takenHere, last };
}
