import type { ReactElement } from 'react';
import {
  CONFORMS_FROM,
  conformityProbability,
  furtherReadings,
  ordinaryReadings,
  ordinaryVessels,
  type FurtherReadings,
  type LotEvidence,
} from '../../../../core';
import { formatPercent } from '../../../format/moisture';
import { widthWords } from '../../../words/widthWords';
import type { Answer } from '../../../lot/useLot';
import { qualityWords } from '../../../words/english/quality';
import { inHundred } from '../../../format/chance';

function furtherWords(further: FurtherReadings): string {
  switch (further.status) {
    case 'settled':
      return '';
    case 'more':
      return qualityWords.moreReadingsOfTheSame({
        readings: further.readings,
        part: further.decision === 'over' ? qualityWords.over() : qualityWords.within(),
      });
    case 'no-number':
      return qualityWords.noNumberOfFurtherReadings();
  }
}

/** What own lots taught about vessels; empty before the first. */
function learnedWords({ learned, vessels }: LotEvidence): string {
  const spread = learned?.betweenVessels;
  if (!spread?.from || vessels.length < 2) return '';
  const lots = qualityWords.lots({ from: spread.from });
  return qualityWords.yourContainersDifferByFrom({
    standardDeviation: spread.standardDeviation.toFixed(1),
    lots,
  });
}

/** Why more than 95 in 100 are asked for; empty where that makes no difference. */
function watchedWords(within: number, conformsFrom: number = CONFORMS_FROM): string {
  const surest = Math.max(within, 1 - within);
  if (surest < CONFORMS_FROM || surest >= conformsFrom) return '';
  return qualityWords.becauseYouCanStopAfter({ conformsFrom: (100 * conformsFrom).toFixed(1) });
}

interface AgainstProps {
  name: string;
  limitPercent: number;
  answer: Answer;
}

/** One limit: settled or not, how sure, and how many more readings it would take. */
function Against({ name, limitPercent, answer }: AgainstProps): ReactElement {
  const { evidence, ruling } = answer;
  const within = conformityProbability(ruling.belief, limitPercent);
  const further = furtherReadings({
    readings: ordinaryReadings(evidence),
    vessels: ordinaryVessels(evidence.vessels),
    limitPercent,
    ...(evidence.repeatability && { repeatability: evidence.repeatability }),
    ...(evidence.learned && { learned: evidence.learned }),
  });
  const settled = further.status === 'settled';
  const verdict = settled
    ? further.decision === 'over'
      ? qualityWords.overIt()
      : qualityWords.withinIt()
    : qualityWords.notSettled();
  return (
    <div className="border-t border-ink-soft py-2">
      <p className="text-xl font-bold">
        {name} {formatPercent(limitPercent)} %: {verdict}
      </p>
      <p className="text-base">
        {inHundred(within >= 0.5 ? within : 1 - within)}{' '}
        {within >= 0.5 ? qualityWords.within() : qualityWords.over()}.{' '}
        {watchedWords(within, ruling.belief.conformsFrom)}
        {furtherWords(further)}
      </p>
    </div>
  );
}

/** What was measured so far, held against the limit and against the keeper's target. */
export function MeasuredSlab({
  answer,
  provisional,
}: {
  answer: Answer;
  provisional: boolean;
}): ReactElement {
  const { evidence, ruling } = answer;
  const { mean, expanded, measured } = ruling.belief;
  const target = evidence.targetPercent;
  return (
    <section aria-label={qualityWords.measured()} className="on-ink bg-ink p-5 text-linen">
      <div aria-live="polite">
        {measured ? (
          <>
            <p className="flex flex-wrap items-baseline gap-x-3">
              <span className="text-8xl leading-none font-extrabold">{formatPercent(mean)}</span>
              <span className="text-2xl font-semibold">
                {qualityWords.water({ expanded: formatPercent(expanded) })}
              </span>
            </p>
            <p className="mt-2 mb-3 text-base">
              {qualityWords.meanOfTheLotFrom({
                ordinaryReadings: ordinaryReadings(evidence).length,
                part: provisional ? qualityWords.withTheOneYouAre() : '',
              })}
              {measured.betweenVessels !== null &&
                qualityWords.fromVesselToVesselIt({
                  betweenVessels: measured.betweenVessels.toFixed(2),
                  vessels: measured.vessels.length,
                })}
            </p>
            <p className="mb-3 text-base">
              {widthWords(evidence, measured)}
              {learnedWords(evidence)}
            </p>
            <Against
              name={qualityWords.limit()}
              limitPercent={ruling.limitPercent}
              answer={answer}
            />
            {target < ruling.limitPercent && (
              <Against name={qualityWords.yourTarget()} limitPercent={target} answer={answer} />
            )}
          </>
        ) : (
          <p className="text-2xl leading-snug font-bold">
            {qualityWords.nothingMeasuredYetTypeWhat()}
          </p>
        )}
      </div>
    </section>
  );
}
