import { ArrowLeft, ArrowRight, Undo2 } from 'lucide-react';
import type { ReactElement } from 'react';
import type { JudgedFrame } from '../../../../../model';
import {
  selectCanUndo,
  selectNotice,
  undo,
  useAppDispatch,
  useAppSelector,
} from '../../../../../store';
import { FRAME_KINDS } from '../../../../commands/frameKinds';
import { ACT_NAMES } from '../../words';
import { frameWords } from '../../../../words/english/frame';
import { useTell } from '../../../../words/useTell';

interface VerdictBarProps {
  judged: JudgedFrame | null;
  missing: string;
  onBack: () => void;
  onNext: () => void;
  nextLabel: string;
}

/** What was kept last, with the way back. */
function KeptLine(): ReactElement {
  const dispatch = useAppDispatch();
  const notice = useAppSelector(selectNotice);
  const canUndo = useAppSelector(selectCanUndo);
  const tell = useTell();
  const kept = notice?.tone === 'done' ? tell(notice.text) : '';
  return (
    <div
      role="status"
      className="flex min-h-9 items-center justify-between gap-2 text-base short:order-last"
    >
      {kept !== '' && <span className="truncate short:hidden">{kept}</span>}
      {kept !== '' && canUndo && (
        <button
          type="button"
          onClick={() => void dispatch(undo(FRAME_KINDS))}
          className="-my-1 flex min-h-11 shrink-0 items-center gap-1 px-2 font-semibold underline"
        >
          <Undo2 aria-hidden className="size-5" /> {frameWords.undo()}
        </button>
      )}
    </div>
  );
}

/** The answer for this frame in the largest letters, and the way on, where a thumb reaches. */
export function VerdictBar(props: VerdictBarProps): ReactElement {
  const { judged, missing, onBack, onNext, nextLabel } = props;
  const tell = useTell();
  const button = 'flex min-h-14 items-center justify-center border-2 border-linen font-bold';
  return (
    <div className="verdict-bar on-ink sticky bottom-0 z-10 -mx-4 bg-ink px-4 pt-2 pb-3 text-linen wide:mx-0 short:flex short:items-center short:gap-4 short:py-1">
      <KeptLine />
      <div className="grid gap-x-6 gap-y-2 wide:grid-cols-[1fr_22rem] wide:items-center short:grow short:grid-cols-[1fr_18rem] short:items-center">
        <div aria-live="polite" data-testid="verdict">
          <p className="text-3xl leading-none font-extrabold wide:text-4xl short:text-2xl">
            {judged ? ACT_NAMES[judged.act] : frameWords.judgeBothSides()}
            {judged?.overridden && (
              <span className="text-xl font-bold"> {frameWords.yourChoiceHeading()}</span>
            )}
          </p>
          <p className="mt-1 min-h-11 text-base leading-snug wide:min-h-0 short:mt-0 short:line-clamp-2 short:min-h-0">
            {judged ? sentenceOf(judged, tell) : missing}
            {judged?.decision.next && !judged.overridden && (
              <span className="hidden wide:inline"> {tell(judged.decision.next)}</span>
            )}
          </p>
        </div>
        <div className="grid grid-cols-[4.5rem_1fr] gap-2">
          <button
            type="button"
            aria-label={frameWords.previousFrame()}
            onClick={onBack}
            className={button}
          >
            <ArrowLeft aria-hidden className="size-7" />
          </button>
          <button
            type="button"
            onClick={onNext}
            className={`${button} gap-2 bg-linen text-xl text-ink`}
          >
            {nextLabel} <ArrowRight aria-hidden className="size-7" />
          </button>
        </div>
      </div>
    </div>
  );
}

function sentenceOf(
  { decision, overridden }: JudgedFrame,
  tell: ReturnType<typeof useTell>,
): string {
  return overridden
    ? frameWords.yourRuleWouldSay({
        act: ACT_NAMES[decision.act].toLowerCase(),
        sentence: tell(decision.sentence),
      })
    : tell(decision.sentence);
}
