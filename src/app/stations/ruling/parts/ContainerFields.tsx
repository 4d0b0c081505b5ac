import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { CONTAINER_KINDS, type ContainerKind } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import type { ContainerForm } from '../../../forms/containerForm';
import { unitOf, type Quantity } from '../../../format/units';
import { ChoiceField } from '../../../ui/ChoiceField';
import { SelectField } from '../../../ui/SelectField';
import { TextField } from '../../../ui/TextField';

export const CONTAINER_NAMES: Readonly<Record<ContainerKind, string>> = {
  bucket: 'Bucket',
  tank: 'Tank',
  drum: 'Drum',
  tub: 'Tub',
  'comb-piece': 'Piece of comb',
  jar: 'Jar',
};

const AMOUNT_CHOICES = [
  { value: 'unknown', label: 'Not known' },
  { value: 'mass', label: 'Weighed' },
  { value: 'volume', label: 'By volume' },
  { value: 'fill-height', label: 'By fill height' },
];

const USUAL_PLUS_MINUS: Readonly<Record<ContainerForm['amountBy'], string>> = {
  unknown: '',
  mass: '0.1',
  volume: '0.5',
  'fill-height': '0.5',
};

function AmountFields({ prefix }: { prefix: string }): ReactElement | null {
  const { watch } = useFormContext();
  const preferences = useAppSelector(selectPreferences);
  const by = watch(`${prefix}amountBy`) as ContainerForm['amountBy'];
  if (by === 'unknown') return null;
  const quantities = { mass: 'mass', volume: 'volume', 'fill-height': 'length' } as const;
  const labels = { mass: 'Honey in each', volume: 'Honey in each', 'fill-height': 'Fill height' };
  const quantity: Quantity = quantities[by];
  const unit = unitOf(quantity, preferences).name;
  return (
    <div className="grid gap-5 sm:grid-cols-3">
      {by === 'fill-height' && (
        <TextField
          name={`${prefix}diameter`}
          label="Inner diameter"
          unit={unit}
          inputMode="decimal"
        />
      )}
      <TextField name={`${prefix}amount`} label={labels[by]} unit={unit} inputMode="decimal" />
      <TextField
        name={`${prefix}plusMinus`}
        label="May be off by ±"
        unit={unit}
        inputMode="decimal"
      />
    </div>
  );
}

/** One entry of containers: kind, label, how many, how much in each. */
export function ContainerFields({ prefix }: { prefix: string }): ReactElement {
  const { setValue, getValues } = useFormContext();
  const names = Object.values(CONTAINER_NAMES);
  const relabel = (kind: string): void => {
    const label = String(getValues(`${prefix}label`));
    if (label === '' || names.includes(label)) {
      setValue(`${prefix}label`, CONTAINER_NAMES[kind as ContainerKind], { shouldDirty: true });
    }
  };
  const proposePlusMinus = (by: string): void => {
    const typed = String(getValues(`${prefix}plusMinus`));
    if (!Object.values(USUAL_PLUS_MINUS).includes(typed)) return;
    const usual = USUAL_PLUS_MINUS[by as ContainerForm['amountBy']];
    setValue(`${prefix}plusMinus`, usual, { shouldDirty: true });
  };
  return (
    <div className="space-y-5">
      <div className="grid gap-5 sm:grid-cols-3">
        <SelectField
          name={`${prefix}containerKind`}
          label="Kind"
          options={CONTAINER_KINDS.map((value) => ({ value, label: CONTAINER_NAMES[value] }))}
          onChosen={relabel}
        />
        <TextField name={`${prefix}label`} label="Label" />
        <TextField name={`${prefix}count`} label="How many" inputMode="numeric" />
      </div>
      <ChoiceField
        name={`${prefix}amountBy`}
        label="How much is in each"
        choices={AMOUNT_CHOICES}
        onChosen={proposePlusMinus}
      />
      <AmountFields prefix={prefix} />
    </div>
  );
}
