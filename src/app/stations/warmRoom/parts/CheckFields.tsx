import type { ReactElement } from 'react';
import { useFormContext } from 'react-hook-form';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { QuickReadingFields } from '../../../lot/ReadingFields';
import { batchCheckEntry, checkWay, type BatchCheckForm } from '../../../forms/room/batchCheckForm';

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
  const how = useFormContext<BatchCheckForm>().watch('how');
  return (
    <div className="space-y-5">
      <Field of={checkWay} at="how" />
      {how === 'weight' && <WeightFields />}
      {how !== 'weight' && <Field of={batchCheckEntry} at="found.of" />}
      {how === 'dial' && <QuickReadingFields />}
      {how === 'moisture' && (
        <div className="grid gap-5 sm:grid-cols-2">
          <Field of={batchCheckEntry} at="found.percent" big />
          <Field of={batchCheckEntry} at="found.plusMinus" />
        </div>
      )}
      <Fields of={batchCheckEntry} at={['takenAt', 'remark']} />
    </div>
  );
}
