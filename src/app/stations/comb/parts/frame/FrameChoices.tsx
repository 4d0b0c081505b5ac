import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { DECISIONS, TAKING_ACTS, blockSentence, type FrameAct } from '../../../../../core';
import { allowedOverride, dayNumber, isoDayOf, type JudgedFrame } from '../../../../../model';
import { formatDay } from '../../../../format/dates';
import { Button } from '../../../../ui/Button';
import { TextField } from '../../../../ui/fields/TextField';
import { Field } from '../../../../entry/Field';
import type { FrameDraft } from '../../frameDraft';
import { frameForm } from '../../frameDraft';
import { ACT_NAMES } from '../../words';
import { Pick, choicesOf } from '../../../../ui/fields/Pick';
import { frameWords } from '../../../../words/english/frame';
import { useTell } from '../../../../words/useTell';

/** Whether bees finish the frame, as a chance and a day. */
function FinishingNote({ judged }: { judged: JudgedFrame }): ReactElement | null {
  const { finishing, check } = judged;
  if (!finishing || finishing.daysNeeded === 0 || TAKING_ACTS.includes(judged.act)) return null;
  const day = finishing.lookAgainInDays;
  const looks = judged.earlier.length;
  return (
    <div className="border-l-8 border-lavender pl-3">
      <p className="text-base font-semibold">{frameWords.beesFinishItBeforeNectar()}</p>
      <p className="text-4xl leading-tight font-extrabold">
        {frameWords.inProbability({ probability: Math.round(finishing.probability * 100) })}
      </p>
      <p className="text-base">
        {finishing.daysNeeded === null
          ? frameWords.noMoreNectarIsExpected()
          : frameWords.aboutMoreDaysAtA({
              daysNeeded: Math.ceil(finishing.daysNeeded),
              ratePerDay: (finishing.ratePerDay * 100).toFixed(0),
              part: looks > 0 ? frameWords.asThisFrameHasShown() : frameWords.asIsUsualInA(),
            })}
        {day !== null &&
          frameWords.lookAgainOn({ isoDayOf: formatDay(isoDayOf(dayNumber(check.day) + day)) })}
      </p>
    </div>
  );
}

/** What stands against taking the frame, and the words it takes to look past it. */
function BlockNote({ judged }: { judged: JudgedFrame }): ReactElement | null {
  const { blocks } = judged.evidence;
  const tell = useTell();
  if (blocks.length === 0) return null;
  return (
    <div role="alert" className="border-4 border-ink bg-paper p-3">
      <p className="text-xl font-extrabold">{frameWords.notHoneyForPeople()}</p>
      {blocks.map((block) => (
        <p key={block.givenId} className="mt-1 text-base">
          {tell(blockSentence(block))}
        </p>
      ))}
      <p className="mt-1 mb-3 text-base">{frameWords.theProductsLabelAndLocal()}</p>
      <Field of={frameForm} at="blockExcuse" />
    </div>
  );
}

/** The queen is on the frame: nothing is more urgent. */
function QueenNote(): ReactElement | null {
  const { watch } = useFormContext<FrameDraft>();
  if (!watch('queenSeen')) return null;
  return (
    <p role="alert" className="bg-ink p-4 text-2xl leading-snug font-extrabold text-linen">
      {frameWords.theQueenIsOnIt()}
    </p>
  );
}

function Override({ judged }: { judged: JudgedFrame }): ReactElement {
  const { watch, setValue } = useFormContext<FrameDraft>();
  const override = watch('override');
  const proposed = judged.decision.act;
  const acts = DECISIONS.filter((act) => allowedOverride(judged.evidence, act) !== null);
  const set = (act: FrameAct): void =>
    setValue('override', act === proposed ? null : { act, because: override?.because ?? '' }, {
      shouldDirty: true,
    });
  return (
    <div className="space-y-3">
      <Pick
        label={frameWords.whatYouDoWithIt()}
        value={judged.act}
        choices={choicesOf(acts, ACT_NAMES)}
        columns={2}
        onPick={set}
      />
      {override && (
        <>
          <TextField name="override.because" label={frameWords.whyIfYouLike()} />
          <Button tone="quiet" onClick={() => setValue('override', null, { shouldDirty: true })}>
            {frameWords.followMyRule()}
          </Button>
        </>
      )}
    </div>
  );
}

/** What else can be done with the frame, best first, and the keeper's own choice. */
export function FrameChoices({ judged }: { judged: JudgedFrame }): ReactElement {
  const alternatives = judged.decision.alternatives();
  const tell = useTell();
  return (
    <div className="space-y-5">
      <QueenNote />
      <BlockNote judged={judged} />
      {judged.decision.next && <p className="text-lg wide:hidden">{tell(judged.decision.next)}</p>}
      <FinishingNote judged={judged} />
      {alternatives.length > 0 && (
        <div>
          <h2 className="text-xl font-bold">{frameWords.otherOptions()}</h2>
          <ol className="divide-y divide-thread">
            {alternatives.map((alternative) => (
              <li key={alternative.act} className="py-2 text-base">
                <strong>{ACT_NAMES[alternative.act]}.</strong> {tell(alternative.sentence)}
              </li>
            ))}
          </ol>
        </div>
      )}
      <Override judged={judged} />
    </div>
  );
}
