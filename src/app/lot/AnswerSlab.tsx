import type { ReactElement, ReactNode } from 'react';
import { isMeasured, type Ruling } from '../../core';
import { formatPercent } from '../format/moisture';
import { headline } from '../words/phrasing';
import { OutcomeMark } from '../ui/OutcomeMark';
import { lotWords } from '../words/english/lot';
import { inHundred } from '../format/chance';
import { useTell } from '../words/useTell';

interface AnswerSlabProps {
  ruling: Ruling;
  /** a reading still being typed is part of it */
  provisional: boolean;
  children?: ReactNode;
}

/** What a figure rests on that was not measured. */
function basisWords(basis: Ruling['belief']['basis'], about: string): string {
  switch (basis) {
    case 'comb':
      return lotWords.expectedFromTheCombAbout({ about });
    case 'blend':
      return lotWords.calculatedFromWhatWasBlended({ about });
    case 'earlier':
      return lotWords.aboutWhenLastReadIt({ about });
    case 'laboratory':
    case 'nothing':
    case 'readings':
      return lotWords.whatHoneyUsuallyHasNothing();
  }
}

function Figure({ ruling }: { ruling: Ruling }): ReactElement {
  const { mean, expanded, basis } = ruling.belief;
  if (isMeasured(ruling.belief)) {
    return (
      <p className="flex flex-wrap items-baseline gap-x-3">
        <span className="text-8xl leading-none font-extrabold">{formatPercent(mean)}</span>
        <span className="text-2xl font-semibold">
          {lotWords.water({ expanded: formatPercent(expanded) })}
        </span>
      </p>
    );
  }
  return (
    <div>
      <p className="text-6xl leading-none font-extrabold min-[24rem]:whitespace-nowrap">
        {Math.max(0, mean - expanded).toFixed(0)}–{(mean + expanded).toFixed(0)}
        <span className="ml-3 text-2xl font-semibold">{lotWords.waterHeading()}</span>
      </p>
      <p className="mt-2 text-lg">{basisWords(basis, formatPercent(mean))}</p>
    </div>
  );
}

/** The answer: how wet, what to do, how sure. The largest thing on the page. */
export function AnswerSlab({ ruling, provisional, children }: AnswerSlabProps): ReactElement {
  const tell = useTell();
  return (
    <section aria-label={lotWords.answer()} className="on-ink bg-ink p-5 text-linen sm:p-6">
      <div aria-live="polite">
        <Figure ruling={ruling} />
        <p
          className="mt-4 flex items-center gap-3 text-3xl leading-tight font-bold"
          data-testid="outcome"
        >
          <OutcomeMark outcome={ruling.outcome} className="size-9 shrink-0" />
          {headline(ruling)}
        </p>
        {ruling.outcome === 'reject' && (
          <p className="mt-3 text-xl font-semibold">
            {ruling.findings[0] && tell(ruling.findings[0].sentence)}
          </p>
        )}
        <p className="mt-3 text-lg">
          {lotWords.chanceItIsOverThe({ limitPercent: formatPercent(ruling.limitPercent) })}{' '}
          <strong>{inHundred(ruling.overProbability)}</strong>
          {ruling.anyOverProbability !== null && (
            <>
              {lotWords.thatAnyOneContainerIs()}{' '}
              <strong>{inHundred(ruling.anyOverProbability)}</strong>
            </>
          )}
          .
        </p>
        {provisional && (
          <p className="mt-2 border-l-4 border-dashed border-lavender-mid pl-3 text-base">
            {lotWords.includesTheReadingYouAre()}
          </p>
        )}
      </div>
      {children}
    </section>
  );
}
