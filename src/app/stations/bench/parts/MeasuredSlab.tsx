import type { ReactElement } from 'react';
import {
  CONFORMS_FROM,
  conformityProbability,
  furtherReadings,
  inHundred,
  ordinaryReadings,
  ordinaryVessels,
  type FurtherReadings,
  type LotEvidence,
} from '../../../../core';
import { counted } from '../../../format/counted';
import { formatPercent } from '../../../format/moisture';
import { widthWords } from '../../../words/widthWords';
import type { Answer } from '../../../lot/useLot';

function furtherWords(further: FurtherReadings): string {
  switch (further.status) {
    case 'settled':
      return '';
    case 'more':
      return `${counted(further.readings, 'more reading')} of the same mean would settle it: ${further.decision === 'over' ? 'over' : 'within'}.`;
    case 'no-number':
      return 'No number of further readings with this meter settles it: what it may be off by is larger than the room left.';
  }
}

/** What own lots taught about vessels; empty before the first. */
function learnedWords({ learned, vessels }: LotEvidence): string {
  const spread = learned?.betweenVessels;
  if (!spread?.from || vessels.length < 2) return '';
  const lots = counted(spread.from, 'lot');
  return ` Your vessels differ by ${spread.standardDeviation.toFixed(1)}, from ${lots} of yours.`;
}

/** Why more than 95 in 100 are asked for; empty where that makes no difference. */
function watchedWords(within: number, conformsFrom: number = CONFORMS_FROM): string {
  const surest = Math.max(within, 1 - within);
  if (surest < CONFORMS_FROM || surest >= conformsFrom) return '';
  return `Because you can stop after any reading, it must be ${(100 * conformsFrom).toFixed(1)} % sure, not 95 %. `;
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
  const verdict = settled ? (further.decision === 'over' ? 'over it' : 'within it') : 'not settled';
  return (
    <div className="border-t border-ink-soft py-2">
      <p className="text-xl font-bold">
        {name} {formatPercent(limitPercent)} %: {verdict}
      </p>
      <p className="text-base">
        {inHundred(within >= 0.5 ? within : 1 - within)} {within >= 0.5 ? 'within' : 'over'}.{' '}
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
    <section aria-label="Measured" className="on-ink bg-ink p-5 text-linen">
      <div aria-live="polite">
        {measured ? (
          <>
            <p className="flex flex-wrap items-baseline gap-x-3">
              <span className="text-8xl leading-none font-extrabold">{formatPercent(mean)}</span>
              <span className="text-2xl font-semibold">% water ± {formatPercent(expanded)}</span>
            </p>
            <p className="mt-2 mb-3 text-base">
              Mean of the lot from {counted(ordinaryReadings(evidence).length, 'reading')}
              {provisional ? ', with the one you are typing' : ''}.
              {measured.betweenVessels !== null &&
                ` From vessel to vessel it differs by ${measured.betweenVessels.toFixed(2)} (one standard deviation of ${measured.vessels.length}).`}
            </p>
            <p className="mb-3 text-base">
              {widthWords(evidence, measured)}
              {learnedWords(evidence)}
            </p>
            <Against name="Limit" limitPercent={ruling.limitPercent} answer={answer} />
            {target < ruling.limitPercent && (
              <Against name="Your target" limitPercent={target} answer={answer} />
            )}
          </>
        ) : (
          <p className="text-2xl leading-snug font-bold">
            Nothing measured yet. Type what the dial shows: the answer stands here with the first
            digits.
          </p>
        )}
      </div>
    </section>
  );
}
