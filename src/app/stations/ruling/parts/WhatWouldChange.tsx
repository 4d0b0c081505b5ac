import { ArrowRight } from 'lucide-react';
import type { ReactElement } from 'react';
import {
  NO_NUMBER_WILL,
  cheapestEvidence,
  inHundred,
  isStuck,
  whatOneReadingSettles,
  type NextEvidenceId,
} from '../../../../core';
import { formatPercent } from '../../../format/moisture';
import { useFlips, type Answer } from '../../../lot/useLot';

function oneReadingSentence({ evidence, ruling }: Answer): string {
  const one = whatOneReadingSettles(evidence, ruling.belief);
  return (
    `One reading would settle the limit with ${inHundred(one.settlesWith)}: ` +
    `${formatPercent(one.conformsUpToPercent)} % or drier is within, ${formatPercent(one.overFromPercent)} % or wetter is over.`
  );
}

const CHEAPEST: Readonly<Record<NextEvidenceId, string>> = {
  taste: 'Cheapest next: let two people smell and taste it.',
  look: 'Cheapest next: say how much of the comb was capped.',
  shake: 'Cheapest next: the shake test, on comb that is not cold.',
  reading: 'Next: one reading with a checked meter.',
};

/** The nearest changes of evidence that give another ruling. */
export function WhatWouldChange({ answer }: { answer: Answer }): ReactElement {
  const flips = useFlips(answer);
  const sentences = flips.map((one) => one.sentence);
  if (answer.ruling.belief.basis !== 'readings') sentences.unshift(oneReadingSentence(answer));
  const cheapest = cheapestEvidence(answer.evidence, answer.ruling);
  if (cheapest) sentences.unshift(CHEAPEST[cheapest.id]);
  if (isStuck(answer.ruling, flips)) sentences.unshift(NO_NUMBER_WILL);
  return (
    <section aria-labelledby="changes">
      <h2 id="changes" className="text-2xl font-bold">
        What would change this
      </h2>
      {sentences.length === 0 ? (
        <p className="mt-2 text-lg">Nothing near at hand; this is a clear case.</p>
      ) : (
        <ul className="mt-2 space-y-2">
          {sentences.map((one) => (
            <li key={one} className="flex gap-3 text-lg leading-snug">
              <ArrowRight aria-hidden className="mt-1 size-5 shrink-0 text-lavender" />
              {one}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
