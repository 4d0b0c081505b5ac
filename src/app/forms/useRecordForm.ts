import type { FieldValues } from 'react-hook-form';
import type { AnyRecord } from '../../records';
import { useAppDispatch, type RecordAct } from '../../store';
import { useDraftForm, type DraftFormOptions } from './useDraftForm';

interface RecordFormOptions<F extends FieldValues, T> extends DraftFormOptions<F, T> {
  /** the act that keeps what was typed, and forgets the draft in the same stroke */
  readonly act: (content: T, options: { readonly draft: string }) => RecordAct;
  /** what the form begins anew with; its defaults where it is left out */
  readonly next?: (content: T) => F;
  /** what comes after it is kept */
  readonly onKept?: (records: readonly AnyRecord[]) => void | Promise<void>;
}

/** A form that becomes records in one act; it begins anew once they are stored, and not before. */
export function useRecordForm<F extends FieldValues, T>(options: RecordFormOptions<F, T>) {
  const { defaults, act, next, onKept } = options;
  const dispatch = useAppDispatch();
  const draftForm = useDraftForm(options);
  const { start, submit, draft } = draftForm;
  const keep = submit(async (content) => {
    const done = await dispatch(act(content, { draft }));
    if (!done.ok) return;
    start(next ? next(content) : defaults);
    await onKept?.(done.value);
  });
  return { ...draftForm, keep };
}
