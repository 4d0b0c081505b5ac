import type { useSurveyController } from '../useSurveyController';
import { type ReactElement } from 'react';
import { percentRange } from '../words';
import { combWords } from '../../../words/english/comb';

type SurveyAnswerProps = Pick<ReturnType<typeof useSurveyController>, 'school' | 'found'>;

/** What the sample says about the rest, in the largest letters. */
export function SurveyAnswer({ school, found }: SurveyAnswerProps): ReactElement {
  if (!found) {
    return (
      <p className="on-ink bg-ink p-5 text-2xl leading-snug font-bold text-linen">
        {combWords.lookAtTwoOrMore()}
      </p>
    );
  }
  const { content, verdict } = found;
  const frames = content.boxes * content.framesPerBox;
  return (
    <div role="status" className="on-ink bg-ink p-5 text-linen">
      <p className="text-lg font-semibold">{combWords.cappedOverAllFrames({ frames })}</p>
      <p className="text-6xl leading-tight font-extrabold min-[24rem]:whitespace-nowrap">
        {percentRange(verdict.interval)}
      </p>
      <p className="text-lg">
        {combWords.ofCheckedBelowTheOf({
          looks: content.looks.length,
          sampleSize: content.sampleSize,
          short: verdict.short,
          ripeShare: Math.round(school.ripeShare * 100),
          name: school.name,
        })}{' '}
        <strong>{verdict.shortAtMost}</strong> {combWords.ofAllAreBelowIt({ frames })}
      </p>
    </div>
  );
}
