import type { ReactElement, ReactNode } from 'react';
import { useFormContext } from 'react-hook-form';
import { SCALES, type Scale, type VesselEvidence } from '../../../../core';
import { selectPreferences, useAppSelector } from '../../../../store';
import { USUAL_DIVISION } from '../../../forms/readingForm';
import { SCALE_NAMES } from '../../../format/moisture';
import { unitOf } from '../../../format/units';
import { ChoiceField } from '../../../ui/ChoiceField';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';

/** Where a digit typed anywhere on the page lands. */
export const DIAL_INPUT_ID = 'dial';

const SCALE_UNITS: Readonly<Record<Scale, string>> = { water: '%', brix: '°Bx', nD: 'nD' };

const DIAL_EXAMPLES: Readonly<Record<Scale, string>> = {
  water: 'such as 17.4',
  brix: 'such as 80.8',
  nD: 'such as 1.4930',
};

interface ReadingFieldsProps {
  vessels: readonly VesselEvidence[];
  /** only one form on the page owns the target of stray digits */
  ownsDigits: boolean;
  /** stands right under the dial */
  children?: ReactNode;
}

/** The dial first: value, temperature, scale, compensation. */
export function ReadingFields({ vessels, ownsDigits, children }: ReadingFieldsProps): ReactElement {
  const { watch, setValue } = useFormContext();
  const preferences = useAppSelector(selectPreferences);
  const scale = watch('scale') as Scale;
  const atc = watch('atc') as string;
  return (
    <div className="space-y-5">
      <div className="grid gap-5 sm:grid-cols-2">
        <TextField
          name="dial"
          label="The dial shows"
          unit={SCALE_UNITS[scale]}
          inputMode="decimal"
          placeholder={DIAL_EXAMPLES[scale]}
          big
          {...(ownsDigits ? { inputId: DIAL_INPUT_ID } : {})}
        />
        <TextField
          name="temperature"
          label="Temperature of meter and honey"
          unit={unitOf('temperature', preferences).name}
          inputMode="decimal"
          big
        />
      </div>
      {children}
      <div className="grid gap-5 sm:grid-cols-2">
        <ChoiceField
          name="scale"
          label="Scale of the dial"
          choices={SCALES.map((value) => ({ value, label: SCALE_NAMES[value] }))}
          onChosen={(value) =>
            setValue('resolution', USUAL_DIVISION[value as Scale], { shouldDirty: true })
          }
        />
        <ChoiceField
          name="atc"
          label="Corrects temperature itself (ATC)"
          choices={[
            { value: 'no', label: 'No' },
            { value: 'yes', label: 'Yes' },
          ]}
          hint={atc === 'yes' ? 'No second correction is made.' : undefined}
        />
        <ChoiceField
          name="zeroCheck"
          label="Zero of the meter"
          choices={[
            { value: 'checked', label: 'Checked lately' },
            { value: 'unchecked', label: 'Not checked' },
          ]}
        />
        <TextField
          name="resolution"
          label="One division of the dial"
          unit={SCALE_UNITS[scale]}
          inputMode="decimal"
        />
        <SelectField
          name="vessel"
          label="Taken from"
          options={[
            { value: '', label: 'The lot as a whole, stirred' },
            ...vessels.map(({ id, label }) => ({ value: id, label })),
          ]}
        />
        <TextField name="remark" label="Remark" />
      </div>
    </div>
  );
}
