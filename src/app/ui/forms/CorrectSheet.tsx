import { REASON_FIELD, useCorrection, type CorrectionTask } from './useCorrection';
import type { ReactElement, ReactNode } from 'react';
import type { FieldValues } from 'react-hook-form';
import { type AnyRecord } from '../../../records';
import { Button } from '../Button';
import { FormFrame } from './FormFrame';
import { Sheet } from './Sheet';
import { TextField } from '../fields/TextField';
import { formatsWords } from '../../words/english/formats';

const REASONS = [
  formatsWords.typingSlip(),
  formatsWords.lookedAgain(),
  formatsWords.weighedAgain(),
  formatsWords.wrongContainer(),
  formatsWords.moreIsKnownNow(),
];

interface CorrectFormProps<T extends AnyRecord, F extends FieldValues> extends CorrectionTask<
  T,
  F
> {
  children: ReactNode;
}

function CorrectForm<T extends AnyRecord, F extends FieldValues>({
  children,
  ...task
}: CorrectFormProps<T, F>): ReactElement {
  const { frame, keep, remove } = useCorrection(task);
  const { record, what } = task;
  return (
    <FormFrame {...frame} onSubmit={keep} label={formatsWords.correct({ what })}>
      <div className="space-y-5">
        {children}
        <TextField name={REASON_FIELD} label={formatsWords.why()} suggestions={REASONS} />
        <div className="flex flex-wrap gap-3">
          <Button type="submit" tone="ink">
            {formatsWords.saveTheCorrection()}
          </Button>
          {record.kind !== 'comb-judgement' && (
            <Button onClick={() => void remove()}>{formatsWords.remove({ what })}</Button>
          )}
        </div>
      </div>
    </FormFrame>
  );
}

interface CorrectSheetProps<T extends AnyRecord, F extends FieldValues> extends Omit<
  CorrectFormProps<T, F>,
  'onDone'
> {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** Corrects or removes a record: a new revision with a reason, the former one stays. */
export function CorrectSheet<T extends AnyRecord, F extends FieldValues>({
  open,
  onOpenChange,
  ...form
}: CorrectSheetProps<T, F>): ReactElement {
  return (
    <Sheet
      open={open}
      onOpenChange={onOpenChange}
      title={formatsWords.correct({ what: form.what })}
      description={formatsWords.theEarlierEntryIsNever()}
    >
      <CorrectForm {...form} onDone={() => onOpenChange(false)} />
    </Sheet>
  );
}
