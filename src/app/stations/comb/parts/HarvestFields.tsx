import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { SCHOOLS, STAY_RULES, TIMINGS, schoolOf } from '../../../../core';
import { CLEARING_METHODS, type Book } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useRuleSetChoices } from '../../../data/useRuleSets';
import type { HarvestForm } from '../../../forms/harvestForm';
import { unitOf } from '../../../format/units';
import { ChoiceField } from '../../../ui/ChoiceField';
import { usePatch } from '../../../ui/FormFrame';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';
import { TIMING_NAMES, STAY_NAMES } from '../words';
import { choicesOf } from './Pick';

const CLEARING_NAMES: Readonly<Record<(typeof CLEARING_METHODS)[number], string>> = {
  none: 'Not decided',
  'escape-board': 'Escape boards',
  scent: 'Scented board or cloth',
  smoke: 'Smoke',
  brush: 'Brushing',
  blower: 'Blower',
};

/** How bees are cleared from the boxes. */
function ClearingFields(): ReactElement {
  const { watch } = useFormContext<HarvestForm>();
  const patch = usePatch();
  const method = watch('method');
  return (
    <>
      <SelectField
        name="method"
        label="Bees are cleared by"
        options={choicesOf(CLEARING_METHODS, CLEARING_NAMES)}
        onChosen={(value) => patch({ leadDays: value === 'escape-board' ? '3' : '' })}
      />
      {method === 'escape-board' && (
        <TextField
          name="leadDays"
          label="Days ahead"
          inputMode="numeric"
          hint="Today reminds you when the boards go on"
        />
      )}
      {method === 'scent' && (
        <div className="grid gap-5 sm:grid-cols-2">
          <TextField name="agent" label="Agent, as on its label" />
          <TextField
            name="contactHours"
            label="Left on for"
            unit="h"
            inputMode="decimal"
            hint="A scent left on open comb can taint it"
          />
        </div>
      )}
    </>
  );
}

/** Everything that is said of a day at the hives. */
export function HarvestFields({ book }: { book: Book }): ReactElement {
  const preferences = useAppSelector(selectPreferences);
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
        <TextField name="name" label="Name" placeholder="Marsh, first visit" />
        <TextField name="day" label="Day" type="date" />
      </div>
      <SelectField
        name="schoolId"
        label="School that judges"
        options={schools.map((one) => ({ value: one.id, label: one.name }))}
        onChosen={takeOver}
      />
      <SelectField name="timing" label="Timing" options={choicesOf(TIMINGS, TIMING_NAMES)} />
      <ChoiceField name="stays" label="What stays" choices={choicesOf(STAY_RULES, STAY_NAMES)} />
      <SelectField
        name="flowId"
        label="Flow"
        options={[
          { value: '', label: 'None named' },
          ...book.flows.map(({ entityId, content }) => ({
            value: entityId,
            label: `${content.name}, ${content.expectedStart.slice(0, 4)}`,
          })),
        ]}
        hint="Says until when bees can finish a frame that goes back"
      />
      <ClearingFields />
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField
          name="temperature"
          label="Warmth of the days to come"
          unit={unitOf('temperature', preferences).name}
          inputMode="decimal"
        />
        <TextField name="humidity" label="Humidity of the air" unit="%" inputMode="decimal" />
        <SelectField name="ruleSetId" label="Rule set" options={ruleSetChoices} />
        <TextField name="target" label="Your target" unit="%" inputMode="decimal" />
        <ChoiceField
          name="honeyKind"
          label="Kind of honey"
          choices={[
            { value: 'ordinary', label: 'Ordinary' },
            { value: 'heather', label: 'Heather (ling)' },
          ]}
        />
        <TextField
          name="bucket"
          label="A bucket holds"
          unit={unitOf('mass', preferences).name}
          inputMode="decimal"
        />
      </div>
      <TextField name="remark" label="Remark" />
    </>
  );
}
