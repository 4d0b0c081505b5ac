import { useMemo, type ReactElement } from 'react';
import {
  expectedMixture,
  pooledStates,
  spoilEffect,
  summedMass,
  type Expectation,
  type FrameEvidence,
  type Portion,
} from '../../../../../core';
import type { JudgedFrame } from '../../../../../model';
import { frameWords } from '../../../../words/english/frame';
import { inHundred } from '../../../../format/chance';

/** Honey of frames together with what is expected of its moisture; null where there is none. */
function portionOf(frames: readonly FrameEvidence[], expectation: Expectation): Portion | null {
  const states = pooledStates(frames);
  if (!states) return null;
  const { massKg } = summedMass(frames.map((frame) => frame.honey));
  return { massKg, moisture: expectedMixture(states, expectation) };
}

interface SpoilNoteProps {
  frame: JudgedFrame;
  /** frames taken so far, this one left out */
  taken: readonly FrameEvidence[];
  expectation: Expectation;
  limitPercent: number;
}

function fitWords(howManyFit: number | null): string {
  if (howManyFit === null) return frameWords.anyNumberOfSuchFrames();
  if (howManyFit === 0) return frameWords.notEvenOneSuchFrame();
  return frameWords.suchFramesFitBeforeThe({ howManyFit });
}

/** "Would this frame spoil the bucket?": what has been taken, before and after it. */
export function SpoilNote(props: SpoilNoteProps): ReactElement | null {
  const { frame, taken, expectation, limitPercent } = props;
  const effect = useMemo(() => {
    const lot = portionOf(taken, expectation);
    const added = portionOf([frame.evidence], expectation);
    return lot && added ? spoilEffect(lot, added, limitPercent) : null;
  }, [frame, taken, expectation, limitPercent]);
  if (!effect) return null;
  return (
    <section aria-labelledby="spoil" className="border-t-2 border-ink pt-3">
      <h2 id="spoil" className="text-xl font-bold">
        {frameWords.wouldItSpoilTheBucket()}
      </h2>
      <p className="mt-1 text-lg">
        {frameWords.allTakenSoFarExpected({ mean: effect.before.mean.toFixed(1) })}{' '}
        <strong className="text-3xl whitespace-nowrap">{effect.after.mean.toFixed(1)} %</strong>
      </p>
      <p className="mt-1 text-base">
        {frameWords.overBeforeAfter({
          limitPercent: limitPercent.toFixed(1),
          overBefore: inHundred(effect.overBefore),
          overAfter: inHundred(effect.overAfter),
          fitWords: fitWords(effect.howManyFit),
        })}
      </p>
    </section>
  );
}
