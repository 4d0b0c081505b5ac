import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import type { ContainerKind } from '../../../../records';
import { Field } from '../../../entry/Field';
import {
  CONTAINER_NAMES,
  containerEntry,
  type ContainerForm,
} from '../../../forms/lots/containerForm';

interface ContainerFieldsProps {
  /** where they stand within a larger form */
  under?: string;
}

const AMOUNT_FIELDS = {
  unknown: [],
  mass: ['amount.massKg', 'amount.plusMinusKg'],
  volume: ['amount.volumeL', 'amount.plusMinusL'],
  'fill-height': ['amount.innerDiameterCm', 'amount.fillHeightCm', 'amount.plusMinusCm'],
} as const;

const NAMES: readonly string[] = Object.values(CONTAINER_NAMES);

/** One entry of containers: kind, label, how many, how much in each. */
export function ContainerFields({ under }: ContainerFieldsProps): ReactElement {
  const { setValue, getValues, watch } = useFormContext();
  const name = (field: string): string => (under === undefined ? field : `${under}.${field}`);
  const relabel = (kind: string): void => {
    const label = String(getValues(name('label')));
    if (label !== '' && !NAMES.includes(label)) return;
    setValue(name('label'), CONTAINER_NAMES[kind as ContainerKind], { shouldDirty: true });
  };
  const by = watch(name('amount.by')) as ContainerForm['amount']['by'];
  const place = under === undefined ? {} : { under };
  return (
    <div className="space-y-5">
      <div className="grid gap-5 sm:grid-cols-3">
        <Field of={containerEntry} at="containerKind" {...place} onChosen={relabel} />
        <Field of={containerEntry} at="label" {...place} />
        <Field of={containerEntry} at="count" {...place} />
      </div>
      <Field of={containerEntry} at="amount.by" {...place} />
      <div className="grid gap-5 empty:hidden sm:grid-cols-3">
        {AMOUNT_FIELDS[by].map((field) => (
          <Field key={field} of={containerEntry} at={field} {...place} />
        ))}
      </div>
    </div>
  );
}
