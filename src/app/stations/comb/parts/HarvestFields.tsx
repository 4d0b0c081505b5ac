import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { SCHOOLS, STAY_RULES, TIMINGS, schoolOf } from '../../../../core';
import { type Book } from '../../../../model';
import { useRuleSetChoices } from '../../../data/useRuleSets';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { harvestEntry, type HarvestForm } from '../../../forms/hives/harvestForm';
import { usePatch } from '../../../ui/forms/FormFrame';
import { STAY_NAMES } from '../words';
import { TIMING_NAMES } from '../../../words/timingNames';
import { choicesOf } from '../../../ui/fields/Pick';
import { combWords } from '../../../words/english/comb';

/** How bees are cleared from the boxes. */
function ClearingFields(): ReactElement {
  const { watch } = useFormContext<HarvestForm>();
  const patch = usePatch();
  const method = watch('clearing.method');
  return (
    <>
      <Field
        of={harvestEntry}
        at="clearing.method"
        onChosen={(value) => patch({ 'clearing.leadDays': value === 'escape-board' ? '3' : '' })}
      />
      {method === 'escape-board' && <Field of={harvestEntry} at="clearing.leadDays" />}
      {method === 'scent' && (
        <div className="grid gap-5 sm:grid-cols-2">
          <Fields of={harvestEntry} at={['clearing.agent', 'clearing.contactHours']} />
        </div>
      )}
    </>
  );
}

/** Everything that is said of a day at the hives. */
export function HarvestFields({ book }: { book: Book }): ReactElement {
  const patch = usePatch();
  const { watch } = useFormContext<HarvestForm>();
  const ruleSetChoices = useRuleSetChoices(watch('ruleSetId'));
  const schools = [...book.schools, ...SCHOOLS];
  const takeOver = (id: string): void => {
    const { timing, stays } = schoolOf(id, book.schools);
    patch({ timing, stays });
  };
  return (
    <>
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={harvestEntry} at={['name', 'day']} />
      </div>
      <Field
        of={harvestEntry}
        at="schoolId"
        choices={schools.map((school) => ({ value: school.id, label: school.name }))}
        onChosen={takeOver}
      />
      <Field of={harvestEntry} at="timing" choices={choicesOf(TIMINGS, TIMING_NAMES)} />
      <Field of={harvestEntry} at="stays" choices={choicesOf(STAY_RULES, STAY_NAMES)} />
      <Field
        of={harvestEntry}
        at="flowId"
        choices={[
          { value: '', label: combWords.none() },
          ...book.flows.map(({ entityId, content }) => ({
            value: entityId,
            label: `${content.name}, ${content.expectedStart.slice(0, 4)}`,
          })),
        ]}
      />
      <ClearingFields />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={harvestEntry} at={['outdoorTemperatureC', 'relativeHumidity']} />
        <Field of={harvestEntry} at="ruleSetId" choices={ruleSetChoices} />
        <Fields of={harvestEntry} at={['targetPercent', 'honeyKind', 'bucketKg']} />
      </div>
      <Field of={harvestEntry} at="remark" />
    </>
  );
}
