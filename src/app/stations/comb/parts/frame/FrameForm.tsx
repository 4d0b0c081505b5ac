import { useRef, useState, type ReactElement } from 'react';
import { cappingOf, dayNumber } from '../../../../../model';
import { useCommands } from '../../../../commands/useCommands';
import type { Command } from '../../../../commands/registry';
import { Button } from '../../../../ui/Button';
import type { SideDraft } from '../../frameDraft';
import { eyeOfTask, type JudgeForm, type JudgeTask } from '../../useJudgeFrame';
import { ACT_NAMES } from '../../words';
import { CellFold } from './CellFold';
import { BroodFold, CombFold, FillFold, PestFold, WeightFold } from './MoreOfFrame';
import { Pieces } from './Pieces';
import { SeenRow } from './SeenRow';
import { ShakeFold, ShakeRow } from './ShakeRow';
import { SideBlock } from './SideBlock';
import { frameWords } from '../../../../words/english/frame';

const other = (side: 0 | 1): 0 | 1 => (side === 0 ? 1 : 0);

/** The side that keys act on; known at once, since keys may come faster than the page is drawn. */
interface SideInHand {
  readonly shown: 0 | 1;
  readonly now: () => 0 | 1;
  readonly take: (side: 0 | 1) => void;
}

function useSideInHand(): SideInHand {
  const latest = useRef<0 | 1>(0);
  const [shown, show] = useState<0 | 1>(0);
  return {
    shown,
    now: () => latest.current,
    take: (side) => {
      latest.current = side;
      show(side);
    },
  };
}

/** Digits set the side in hand, the arrows up and down move it, the other side comes next. */
function useFrameKeys(form: JudgeForm['form'], hand: SideInHand): void {
  const side = (): SideDraft => form.getValues(`sides.${hand.now()}`);
  const change = (part: Partial<SideDraft>): void =>
    form.setValue(`sides.${hand.now()}`, { ...side(), ...part }, { shouldDirty: true });
  const tap = (cappedTenths: number) => () => {
    change({ cappedTenths, method: 'quick', honeyTenths: side().honeyTenths || 10 });
    hand.take(other(hand.now()));
  };
  const move = (by: number) => () => {
    const at = (side().cappedTenths ?? 5) + by;
    change({ cappedTenths: Math.min(10, Math.max(0, at)), method: 'quick' });
  };
  const shake = (result: SideDraft['shake']) => () => {
    const sides = form.getValues('sides');
    sides.forEach((sideDraft, at) =>
      form.setValue(`sides.${at as 0 | 1}`, { ...sideDraft, shake: result }, { shouldDirty: true }),
    );
  };
  const digits: Command[] = Array.from({ length: 10 }, (_, at) => ({
    id: `tenths-${at}`,
    title: frameWords.tenthsCappedOnThisSide({ at }),
    key: String(at),
    run: tap(at),
  }));
  useCommands([
    ...digits,
    { id: 'tenths-10', title: frameWords.allCappedOnThisSide(), key: 'f', run: tap(10) },
    { id: 'tenth-more', title: frameWords.aTenthMore(), key: 'ArrowUp', run: move(1) },
    { id: 'tenth-less', title: frameWords.aTenthLess(), key: 'ArrowDown', run: move(-1) },
    {
      id: 'side',
      title: frameWords.turnToTheOtherSide(),
      key: 'o',
      run: () => hand.take(other(hand.now())),
    },
    {
      id: 'shake-clean',
      title: frameWords.nothingFellWhenShaken(),
      key: 'c',
      run: shake('nothing-fell'),
    },
    { id: 'shake-drops', title: frameWords.dropsFellWhenShaken(), key: 'd', run: shake('drops') },
    { id: 'shake-runs', title: frameWords.honeyRanWhenShaken(), key: 'r', run: shake('runs') },
  ]);
}

/** What was seen of this frame before. */
function EarlierNote({ task }: { task: JudgeTask }): ReactElement | null {
  const last = task.place.earlier.at(-1)?.content;
  if (!last) return null;
  const days = dayNumber(task.harvest.content.day) - dayNumber(last.day);
  const tenths = last.sides
    .map((side) => Math.round((cappingOf(side, last.eye)?.share ?? 0) * 10))
    .join(' and ');
  return (
    <p className="text-base leading-tight">
      {frameWords.tenthsCapped({
        part: days > 0 ? frameWords.daysAgo({ days }) : frameWords.before(),
        tenths,
        act: ACT_NAMES[last.decision.act].toLowerCase(),
      })}
    </p>
  );
}

interface FrameFormProps {
  task: JudgeTask;
  judge: JudgeForm;
}

/** Everything that can be said of one frame, the quick part first. */
export function FrameForm({ task, judge }: FrameFormProps): ReactElement {
  const { form, typed, discard, takeBack } = judge;
  const hand = useSideInHand();
  useFrameKeys(form, hand);
  useCommands([
    { id: 'take-back', title: frameWords.undoTheLastTap(), key: 'Backspace', run: takeBack },
  ]);
  const wantedShare = task.judging.school.ripeShare;
  return (
    <div className="space-y-2">
      <EarlierNote task={task} />
      <div className="space-y-2 short:grid short:grid-cols-2 short:gap-4 short:space-y-0">
        {([0, 1] as const).map((at) => (
          <SideBlock
            key={at}
            at={at}
            active={hand.shown === at}
            wantedShare={wantedShare}
            eye={eyeOfTask(task)}
            onActive={() => hand.take(at)}
          />
        ))}
      </div>
      <ShakeRow />
      <SeenRow />
      <Pieces />
      <div>
        <FillFold />
        <BroodFold />
        <PestFold />
        <CombFold />
        <WeightFold />
        <ShakeFold />
        <CellFold />
      </div>
      {typed && (
        <div className="flex flex-wrap gap-2 py-2">
          <Button className="min-h-14" onClick={takeBack}>
            {frameWords.undoTheLastTap()}
          </Button>
          <Button tone="quiet" className="min-h-14" onClick={discard}>
            {frameWords.clearThisFrame()}
          </Button>
        </div>
      )}
    </div>
  );
}
