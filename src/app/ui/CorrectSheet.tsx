import type { ReactElement, ReactNode } from 'react';
import type { FieldValues } from 'react-hook-form';
import { revise, useAppDispatch } from '../../store';
import type { AnyRecord } from '../../records';
import type { FieldErrors, Parsed } from '../forms/parsed';
import { useDraftForm } from '../forms/useDraftForm';
import { Button } from './Button';
import { FormFrame } from './FormFrame';
import { RestoredNote } from './RestoredNote';
import { Sheet } from './Sheet';
import { TextField } from './TextField';

const REASONS = [
  'Typed wrong',
  'Looked again',
  'Weighed again',
  'Wrong container',
  'More is known now',
];

const REASON_FIELD = 'reason';

interface CorrectFormProps<T extends AnyRecord, F extends FieldValues> {
  record: T;
  /** "this reading" */
  what: string;
  formOf: F;
  parse: (form: F) => Parsed<T['content'] | null>;
  onDone: () => void;
  children: ReactNode;
}

type WithReason<F> = F & { reason: string };

function withReasonError(errors: FieldErrors, reason: string): FieldErrors {
  if (reason.trim() !== '') return errors;
  return {
    ...errors,
    [REASON_FIELD]: { sentence: 'Say in a word why; the former entry stays in the history.' },
  };
}

function CorrectForm<T extends AnyRecord, F extends FieldValues>(
  props: CorrectFormProps<T, F>,
): ReactElement {
  const { record, what, parse, onDone, children } = props;
  const dispatch = useAppDispatch();
  const defaults = { ...props.formOf, reason: '' } as WithReason<F>;
  const parseAll = (form: WithReason<F>): Parsed<T['content'] | null> => {
    const parsed = parse(form);
    const errors = withReasonError(parsed.ok ? {} : parsed.errors, form.reason);
    return Object.keys(errors).length > 0 ? { ok: false, errors } : parsed;
  };
  const formKey = `correct:${record.entityId}:${record.id}`;
  const { form, parsed, restored, start, submit } = useDraftForm({
    formKey,
    defaults,
    parse: parseAll,
  });

  const keep = submit(async (content) => {
    if (content === null) return;
    const { reason } = form.getValues();
    const done = await dispatch(revise(`Corrected ${what}`, record, { content, reason }));
    if (done.ok) close();
  });
  const remove = async (): Promise<void> => {
    const { reason } = form.getValues();
    const change = { withdrawn: true, reason: reason.trim() === '' ? 'Removed' : reason };
    const done = await dispatch(revise(`Removed ${what}`, record, change));
    if (done.ok) close();
  };
  const close = (): void => {
    start(defaults);
    onDone();
  };

  return (
    <FormFrame
      form={form}
      live={parsed.ok ? {} : parsed.errors}
      onSubmit={keep}
      label={`Correct ${what}`}
    >
      <div className="space-y-5">
        {restored && <RestoredNote onDiscard={() => start(defaults)} />}
        {children}
        <TextField name={REASON_FIELD} label="Why" suggestions={REASONS} />
        <div className="flex flex-wrap gap-3">
          <Button type="submit" tone="ink">
            Keep the correction
          </Button>
          {record.kind !== 'comb-judgement' && (
            <Button onClick={() => void remove()}>Remove {what}</Button>
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
      title={`Correct ${form.what}`}
      description="The former entry is never overwritten; it stays in the history of the lot."
    >
      <CorrectForm {...form} onDone={() => onOpenChange(false)} />
    </Sheet>
  );
}
