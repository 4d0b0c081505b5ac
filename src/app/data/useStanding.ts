import { useCallback } from 'react';
import { draftTyped, selectDraft, useAppDispatch, useAppSelector } from '../../store';

/** Where somebody stands: the box and the place in hand, kept through interruptions. */
export interface Standing {
  readonly harvestId: string;
  readonly boxId: string;
  readonly slot: number;
}

const FORM_KEY = 'comb-place';

/** The frame last in hand, and putting another there. */
export function useStanding(): readonly [Standing | null, (place: Standing) => void] {
  const dispatch = useAppDispatch();
  const kept = useAppSelector((state) => selectDraft(state, FORM_KEY)) as Standing | undefined;
  const stand = useCallback(
    (place: Standing): void => {
      dispatch(draftTyped({ formKey: FORM_KEY, values: { ...place } }));
    },
    [dispatch],
  );
  return [kept ?? null, stand];
}
