import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { CHECKED_PARTS, type CheckedPart } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import type { BatchCheckForm } from '../../../forms/batchCheckForm';
import { unitOf } from '../../../format/units';
import { ChoiceField } from '../../../ui/ChoiceField';
import { TextField } from '../../../ui/TextField';

const PART_NAMES: Readonly<Record<CheckedPart, string>> = {
  open: 'Open cells',
  capped: 'Under cappings',
  all: 'All of it, mixed',
};

function WeightFields(): ReactElement {
  const mass = unitOf('mass', useAppSelector(selectPreferences)).name;
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      <TextField name="first" label="The box weighed at first" unit={mass} inputMode="decimal" />
      <TextField name="now" label="It weighs now" unit={mass} inputMode="decimal" big />
      <TextField name="tare" label="Of it wood and wax" unit={mass} inputMode="decimal" />
      <TextField name="scale" label="The scale is off by ±" unit={mass} inputMode="decimal" />
    </div>
  );
}

/** A reading or a weight of a batch while it dries. */
export function CheckFields(): ReactElement {
  const { watch } = useFormContext<BatchCheckForm>();
  return (
    <div className="space-y-5">
      <ChoiceField
        name="by"
        label="What was done"
        choices={[
          { value: 'moisture', label: 'Moisture read' },
          { value: 'weight', label: 'Same box weighed' },
        ]}
      />
      {watch('by') === 'weight' ? (
        <WeightFields />
      ) : (
        <>
          <ChoiceField
            name="of"
            label="Read from"
            choices={CHECKED_PARTS.map((value) => ({ value, label: PART_NAMES[value] }))}
          />
          <div className="grid gap-5 sm:grid-cols-2">
            <TextField
              name="percent"
              label="Water, corrected"
              unit="%"
              inputMode="decimal"
              hint="As the bench corrects it for temperature"
              big
            />
            <TextField
              name="plusMinus"
              label="Known to ±"
              unit="%"
              inputMode="decimal"
              hint="From comb to comb 0.4 is usual"
            />
          </div>
        </>
      )}
      <TextField name="takenAt" label="When" type="datetime-local" />
      <TextField name="remark" label="Remark" />
    </div>
  );
}
