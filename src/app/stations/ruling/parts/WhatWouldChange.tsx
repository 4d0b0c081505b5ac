import { ArrowRight } from 'lucide-react';
import type { ReactElement } from 'react';
import {
  NO_NUMBER_WILL,
  cheapestEvidence,
  isStuck,
  whatOneReadingSettles,
  type NextEvidenceId,
} from '../../../../core';
import { formatPercent } from '../../../format/moisture';
import { useFlips, type Answer } from '../../../lot/useLot';
import { rulingWords } from '../../../words/english/ruling';
import { inHundred } from '../../../format/chance';
import { useTell } from '../../../words/useTell';

function oneReadingSentence({ evidence, ruling }: Answer): string {
  const one = whatOneReadingSettles(evidence, ruling.belief);
  return (
    rulingWords.chanceThatOneReadingSettles({ settlesWith: inHundred(one.settlesWith) }) +
    rulingWords.orDrierIsWithinThe({
      conformsUpToPercent: formatPercent(one.conformsUpToPercent),
      overFromPercent: formatPercent(one.overFromPercent),
    })
  );
}

const CHEAPEST: Readonly<Record<NextEvidenceId, string>> = {
  taste: rulingWords.easiestNextStepLetTwo(),
  look: rulingWords.easiestNextStepNoteHow(),
  shake: rulingWords.easiestNextStepTheShake(),
  reading: rulingWords.nextStepOneReadingWith(),
};

/** The nearest changes of evidence that give another ruling. */
export function WhatWouldChange({ answer }: { answer: Answer }): ReactElement {
  const tell = useTell();
  const flips = useFlips(answer);
  const sentences = flips.map((flip) => tell(flip.sentence));
  if (answer.ruling.belief.basis !== 'readings') sentences.unshift(oneReadingSentence(answer));
  const cheapest = cheapestEvidence(answer.evidence, answer.ruling);
  if (cheapest) sentences.unshift(CHEAPEST[cheapest.id]);
  if (isStuck(answer.ruling, flips)) sentences.unshift(tell(NO_NUMBER_WILL));
  return (
    <section aria-labelledby="changes">
      <h2 id="changes" className="text-2xl font-bold">
        {rulingWords.whatWouldChangeThis()}
      </h2>
      {sentences.length === 0 ? (
        <p className="mt-2 text-lg">{rulingWords.nothingWithinReachThisIs()}</p>
      ) : (
        <ul className="mt-2 space-y-2">
          {sentences.map((sentence) => (
            <li key={sentence} className="flex gap-3 text-lg leading-snug">
              <ArrowRight aria-hidden className="mt-1 size-5 shrink-0 text-lavender" />
              {sentence}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
