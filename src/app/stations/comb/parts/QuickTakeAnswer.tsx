import { type KeptJudgedFrame, type Book, crop } from '../../../../model';
import { useMemo, type ReactElement } from 'react';
import { priorExpectation, ruleSetOf, expandedOf } from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { MoistureRule } from '../../../ui/charts/MoistureRule';
import { type QuickTake } from '../quickTake';
import { combWords } from '../../../words/english/comb';

interface QuickTakeAnswerProps {
  /** null while something is wrong or nothing is judged */
  quickTake: QuickTake | null;
  judged: readonly KeptJudgedFrame[];
  book: Book;
}

/** What goes into the bucket, before anything is kept. */
export function QuickTakeAnswer({ quickTake, judged, book }: QuickTakeAnswerProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const found = useMemo(() => crop(judged, priorExpectation()), [judged]);
  if (!quickTake || !found) {
    return (
      <p className="on-ink bg-ink p-5 text-2xl leading-snug font-bold text-linen">
        {combWords.tapHowMuchOfEach()}
      </p>
    );
  }
  const { mass, expected } = found;
  const { ruleSetId, honeyKind } = quickTake.harvest;
  const limit = ruleSetOf(ruleSetId, book.ruleSets).moistureLimitPercent[honeyKind];
  return (
    <div>
      <div role="status" className="on-ink bg-ink p-5 text-linen">
        <p className="text-lg font-semibold">{combWords.takeIt()}</p>
        <p className="text-5xl leading-tight font-extrabold">
          {formatQuantity(mass.massKg, 'mass', preferences)}
        </p>
        <p className="text-lg">
          {combWords.waterExpected({
            mean: expected.mean.toFixed(1),
            expandedOf: expandedOf(expected).toFixed(1),
          })}
        </p>
      </div>
      <div className="mt-4">
        <MoistureRule
          limitPercent={limit}
          targetPercent={quickTake.harvest.targetPercent}
          guardPercent={null}
          belief={expected}
          readings={[]}
          label={combWords.moistureRuleExpectedLimit({
            mean: expected.mean.toFixed(1),
            limit: limit.toFixed(1),
          })}
        />
      </div>
    </div>
  );
}
