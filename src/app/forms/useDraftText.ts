import { useCallback } from 'react';
import { draftDropped, draftTyped, selectDraft, useAppDispatch, useAppSelector } from '../../store';

/** One text that is kept as it is typed, until it is used or thrown away. */
export interface DraftText {
  readonly text: string;
  /** whether something was typed that was not used yet */
  readonly begun: boolean;
  readonly type: (text: string) => void;
  readonly drop: () => void;
}

/** @param usual - what stands there while nothing was typed */
export function useDraftText(formKey: string, usual = ''): DraftText {
  const dispatch = useAppDispatch();
  const kept = useAppSelector((state) => selectDraft(state, formKey)?.['text']);
  const begun = typeof kept === 'string';
  return {
    text: begun ? kept : usual,
    begun,
    type: useCallback(
      (text: string) => void dispatch(draftTyped({ formKey, values: { text } })),
      [dispatch, formKey],
    ),
    drop: useCallback(() => void dispatch(draftDropped(formKey)), [dispatch, formKey]),
  };
}
