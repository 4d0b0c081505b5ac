import type { FieldValues } from 'react-hook-form';
import { reasonField, type AnyRecord } from '../../../records';
import { revise, useAppDispatch } from '../../../store';
import { removeRecord } from '../../acts/removeRecord';
import type { FieldErrors, Parsed } from '../../entry/reader';
import { useDraftForm } from '../../forms/useDraftForm';
import { commonWords } from '../../words/english/common';
import { formatsWords } from '../../words/english/formats';

export const REASON_FIELD = 'reason';

export interface CorrectionTask<T extends AnyRecord, F extends FieldValues> {
  record: T;
  /** "this reading" */
  what: string;
  formOf: F;
  parse: (form: F) => Parsed<T['content'] | null>;
  onDone: () => void;
}

type WithReason<F> = F & { reason: string };

const correctionReason = reasonField.min(1, formatsWords.sayBrieflyWhyTheEarlier());

function withReasonError(errors: FieldErrors, reason: string): FieldErrors {
  const checked = correctionReason.safeParse(reason);
  if (checked.success) return errors;
  return { ...errors, [REASON_FIELD]: { sentence: checked.error.issues[0]?.message ?? '' } };
}

/** A record being corrected, with the reason, or removed; the former version stays in the history. */
export function useCorrection<T extends AnyRecord, F extends FieldValues>(
  task: CorrectionTask<T, F>,
) {
  const { record, what, formOf, parse, onDone } = task;
  const dispatch = useAppDispatch();
  const defaults = { ...formOf, reason: '' } as WithReason<F>;
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
  const close = (): void => {
    start(defaults);
    onDone();
  };
  const keep = submit(async (content) => {
    if (content === null) return;
    const change = { content, reason: form.getValues().reason.trim() };
    const label = formatsWords.corrected({ what });
    const done = await dispatch(revise(label, begunFrom(), change, { draft: formKey }));
    if (done.ok) close();
  });
  const remove = async (): Promise<void> => {
    const typed = reasonField.safeParse(form.getValues().reason);
    const reason = typed.success && typed.data !== '' ? typed.data : commonWords.removed();
    const label = formatsWords.removed({ what });
    const done = await dispatch(removeRecord(label, begunFrom(), { draft: formKey, reason }));
    if (done.ok) close();
  };
  return { frame, keep, remove };
}
