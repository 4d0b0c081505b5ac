import { correctRow } from './correctRow';
import { useRecordForm } from '../forms/useRecordForm';
import { useEffect, useMemo, type ReactElement } from 'react';
import type { RowSetAside } from '../../db';
import { Button } from '../ui/Button';
import { FormFrame } from '../ui/forms/FormFrame';
import { Sheet } from '../ui/forms/Sheet';
import { TextField } from '../ui/fields/TextField';
import { readRepair, repairFields, type RepairForm } from './repairForm';
import { kitWords } from '../words/english/kit';
import { kindsWords } from '../words/english/kinds';

function RepairFields({ aside, onDone }: { aside: RowSetAside; onDone: () => void }): ReactElement {
  const { row, troubles } = aside;
  const fields = useMemo(() => repairFields(row, troubles), [row, troubles]);
  const defaults: RepairForm = { values: fields.map((field) => field.text) };
  const { form, frame, keep } = useRecordForm({
    formKey: `repair:${row.id}`,
    defaults,
    parse: (typed: RepairForm) => readRepair(typed, row, fields),
    act: (content, options) => correctRow(row, content, options),
    onKept: onDone,
  });
  // what is wrong is why this sheet is open: it is said at once
  useEffect(() => void form.trigger(), [form]);
  return (
    <FormFrame {...frame} onSubmit={keep} label={kitWords.correctTheRecord()}>
      <div className="space-y-5">
        {fields.map(({ path, label, input }, at) => (
          <TextField
            key={path.join('.')}
            name={`values.${at}`}
            label={label}
            type={input === 'number' ? 'text' : input}
            {...(input === 'number' && { inputMode: 'decimal' })}
          />
        ))}
        <Button type="submit" tone="ink" className="min-h-14">
          {kitWords.saveTheCorrection()}
        </Button>
      </div>
    </FormFrame>
  );
}

interface RepairSheetProps {
  aside: RowSetAside | null;
  onClose: () => void;
}

/** Corrects the values of a record that cannot be right; the former version stays in the history. */
export function RepairSheet({ aside, onClose }: RepairSheetProps): ReactElement {
  return (
    <Sheet
      open={aside !== null}
      onOpenChange={onClose}
      title={kitWords.correctARecord()}
      description={
        aside ? kitWords.theEarlierVersionStaysIn({ name: kindsWords[aside.kind]() }) : ''
      }
    >
      {aside && <RepairFields key={aside.id} aside={aside} onDone={onClose} />}
    </Sheet>
  );
}
