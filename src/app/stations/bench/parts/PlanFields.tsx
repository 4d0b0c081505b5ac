import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { type PlanNumber } from '../../../../core';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import {
  numberOf,
  planEntry,
  readPlanForm,
  type PlanContext,
  type PlanForm,
} from '../../../forms/bench/planForm';
import type { Answer } from '../../../lot/useLot';
import { benchWords } from '../../../words/english/bench';

const METHOD_HINTS: Readonly<Record<PlanForm['method'], string>> = {
  'mean-and-spread': benchWords.fewContainersAreEnoughIf(),
  'by-count': benchWords.assumesNothingEachTestedContainer(),
};

function because({ because: why }: PlanNumber): string {
  switch (why) {
    case 'enough':
      return '';
    case 'second-group':
      return benchWords.fewerCouldAllHappenTo();
    case 'all-needed':
      return benchWords.withSoFewContainersAll();
    case 'out-of-reach':
      return benchWords.theExpectedMeanIsSo();
  }
}

function Proposal({ context, answer }: { context: PlanContext; answer: Answer }): ReactElement {
  const { watch } = useFormContext<PlanForm>();
  const form = watch();
  const found = numberOf(form, context);
  const read = readPlanForm(form, context);
  if (!found || !read.ok) {
    return <p className="text-lg">{benchWords.theNumberOfContainersAppears()}</p>;
  }
  const labels = read.content.plannedIds.flat().map((id) => {
    return answer.evidence.vessels.find((vessel) => vessel.id === id)?.label ?? id;
  });
  return (
    <div role="status" className="border-l-4 border-lavender bg-lavender-pale px-4 py-3">
      <p className="text-3xl font-bold">
        {found.number}{' '}
        <span className="text-xl">
          {benchWords.ofVessels({ vesselIds: context.vesselIds.length })}
        </span>
      </p>
      <p className="text-base">
        {because(found)} {labels.join(', ')}
      </p>
    </div>
  );
}

/** Promise, expectation, looks and spots of a plan; the number follows. */
export function PlanFields({
  context,
  answer,
}: {
  context: PlanContext;
  answer: Answer;
}): ReactElement {
  const { watch } = useFormContext<PlanForm>();
  const method = watch('method');
  return (
    <div className="space-y-5">
      {context.readingsBefore > 0 && (
        <p className="border-l-8 border-ink pl-3 text-base">
          {benchWords.readingsOfThisLotWere({ readingsBefore: context.readingsBefore })}
        </p>
      )}
      <Field of={planEntry} at="method" hint={METHOD_HINTS[method]} />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields
          of={planEntry}
          at={[
            'content',
            'confidence',
            'expectedMeanPercent',
            'expectedSpreadPercent',
            'looks',
            'seed',
          ]}
        />
      </div>
      <Field of={planEntry} at="spots" />
      <Proposal context={context} answer={answer} />
    </div>
  );
}
