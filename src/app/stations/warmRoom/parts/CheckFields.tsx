import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { batchCheckEntry, type BatchCheckForm } from '../../../forms/room/batchCheckForm';

function WeightFields(): ReactElement {
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      <Field of={batchCheckEntry} at="found.firstKg" />
      <Field of={batchCheckEntry} at="found.nowKg" big />
      <Fields of={batchCheckEntry} at={['found.tareKg', 'found.plusMinusKg']} />
    </div>
  );
}

/** A reading or a weight of a batch while it dries. */
export function CheckFields(): ReactElement {
  const { watch } = useFormContext<BatchCheckForm>();
  return (
    <div className="space-y-5">
      <Field of={batchCheckEntry} at="found.by" />
      {watch('found.by') === 'weight' ? (
        <WeightFields />
      ) : (
        <>
          <Field of={batchCheckEntry} at="found.of" />
          <div className="grid gap-5 sm:grid-cols-2">
            <Field of={batchCheckEntry} at="found.percent" big />
            <Field of={batchCheckEntry} at="found.plusMinus" />
          </div>
        </>
      )}
      <Fields of={batchCheckEntry} at={['takenAt', 'remark']} />
    </div>
  );
}
