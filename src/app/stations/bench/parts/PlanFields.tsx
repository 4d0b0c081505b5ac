import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { SPOTS, type PlanNumber } from '../../../../core';
import { numberOf, readPlanForm, type PlanContext, type PlanForm } from '../../../forms/planForm';
import { counted } from '../../../format/counted';
import { SPOT_NAMES } from '../../../format/reading';
import type { Answer } from '../../../lot/useLot';
import { ChecksField } from '../../../ui/ChecksField';
import { ChoiceField } from '../../../ui/ChoiceField';
import { TextField } from '../../../ui/TextField';

const METHODS = [
  { value: 'mean-and-spread', label: 'By mean and spread' },
  { value: 'by-count', label: 'By count' },
];

const METHOD_HINTS: Readonly<Record<PlanForm['method'], string>> = {
  'mean-and-spread':
    'Few vessels are enough, if their moistures scatter evenly about a mean (normal). ISO 16269-6.',
  'by-count':
    'Assumes nothing; each tested vessel must conform by itself. Exact for small lots (hypergeometric).',
};

function because({ because: why }: PlanNumber): string {
  switch (why) {
    case 'enough':
      return '';
    case 'second-group':
      return 'Fewer could all come from the drier vessels and miss a wetter tenth.';
    case 'all-needed':
      return 'So few vessels need all of them.';
    case 'out-of-reach':
      return 'The expected mean lies so near the limit that no smaller number can speak for all.';
  }
}

function Proposal({ context, answer }: { context: PlanContext; answer: Answer }): ReactElement {
  const { watch } = useFormContext<PlanForm>();
  const form = watch();
  const found = numberOf(form, context);
  const read = readPlanForm(form, context);
  if (!found || !read.ok) {
    return <p className="text-lg">The number of vessels stands here once all figures are typed.</p>;
  }
  const labels = read.content.plannedIds.flat().map((id) => {
    return answer.evidence.vessels.find((one) => one.id === id)?.label ?? id;
  });
  return (
    <div role="status" className="border-l-4 border-lavender bg-lavender-pale px-4 py-3">
      <p className="text-3xl font-bold">
        {found.number}{' '}
        <span className="text-xl">of {counted(context.vesselIds.length, 'vessel')}</span>
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
          {counted(context.readingsBefore, 'reading')} of this lot were taken already. A plan counts
          most when it is fixed before the first; that it was not is written down with it.
        </p>
      )}
      <ChoiceField
        name="method"
        label="How the sample speaks"
        choices={METHODS}
        hint={METHOD_HINTS[method]}
      />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField name="content" label="Share that must conform" unit="%" inputMode="decimal" />
        <TextField name="confidence" label="Confidence" unit="%" inputMode="decimal" />
        <TextField name="expectedMean" label="Mean you expect" unit="%" inputMode="decimal" />
        <TextField
          name="expectedSpread"
          label="From vessel to vessel"
          unit="points"
          inputMode="decimal"
          hint="As a standard deviation; 0.3 is usual"
        />
        <TextField
          name="looks"
          label="Looks at the result"
          inputMode="numeric"
          hint="1 to 4; each look on the way pays with more vessels"
        />
        <TextField
          name="seed"
          label="Seed of the draw"
          inputMode="numeric"
          hint="The same seed draws the same vessels"
        />
      </div>
      <ChecksField
        name="spots"
        label="Where in each vessel"
        choices={SPOTS.filter((one) => one !== 'not-said').map((value) => {
          return { value, label: SPOT_NAMES[value] };
        })}
      />
      <Proposal context={context} answer={answer} />
    </div>
  );
}
