import type { ReactElement, ReactNode } from 'react';
import type { FieldValues } from 'react-hook-form';
import { revise, useAppDispatch } from '../../../store';
import { reasonField, type AnyRecord } from '../../../records';
import type { FieldErrors, Parsed } from '../../entry/reader';
import { useDraftForm } from '../../forms/useDraftForm';
import { Button } from '../Button';
import { FormFrame } from './FormFrame';
import { Sheet } from './Sheet';
import { TextField } from '../fields/TextField';
import { commonWords } from '../../words/english/common';
import { formatsWords } from '../../words/english/formats';

const REASONS = [
  formatsWords.typingSlip(),
  formatsWords.lookedAgain(),
  formatsWords.weighedAgain(),
  formatsWords.wrongContainer(),
  formatsWords.moreIsKnownNow(),
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

const correctionReason = reasonField.min(1, formatsWords.sayBrieflyWhyTheEarlier());

function withReasonError(errors: FieldErrors, reason: string): FieldErrors {
  const checked = correctionReason.safeParse(reason);
  if (checked.success) return errors;
  return { ...errors, [REASON_FIELD]: { sentence: checked.error.issues[0]?.message ?? '' } };
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
  const formKey = `correct:${record.entityId}`;
  const { form, frame, start, submit, baseOf } = useDraftForm({
    formKey,
    defaults,
    parse: parseAll,
    base: record.id,
  });
  /** the version that this correction was begun from: another tab may have written one since */
  const begunFrom = (): T => ({ ...record, id: baseOf() ?? record.id });

  const keep = submit(async (content) => {
    if (content === null) return;
    const { reason } = form.getValues();
    const change = { content, reason: reason.trim() };
    const options = { draft: formKey };
    const done = await dispatch(
      revise(formatsWords.corrected({ what }), begunFrom(), change, options),
    );
    if (done.ok) close();
  });
  const remove = async (): Promise<void> => {
    const { reason } = form.getValues();
    const why = reasonField.safeParse(reason);
    const said = why.success && why.data !== '' ? why.data : commonWords.removed();
    const change = { withdrawn: true, reason: said };
    const options = { draft: formKey };
    const done = await dispatch(
      revise(formatsWords.removed({ what }), begunFrom(), change, options),
    );
    if (done.ok) close();
  };
  const close = (): void => {
    start(defaults);
    onDone();
  };

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
