import { useCallback, useMemo } from 'react';
import { draftTyped, selectDraft, useAppDispatch, useAppSelector } from '../../store';

/** Where somebody stands: the box and the place in hand, kept through interruptions. */
export interface CombPlace {
  readonly harvestId: string;
  readonly boxId: string;
  readonly slot: number;
}

const FORM_KEY = 'comb-place';

/** Where somebody stands, where the draft has the shape of today. */
function combPlaceIn(draft: Readonly<Record<string, unknown>> | undefined): CombPlace | null {
  const { harvestId, boxId, slot } = draft ?? {};
  return typeof harvestId === 'string' && typeof boxId === 'string' && Number.isInteger(slot)
    ? { harvestId, boxId, slot: slot as number }
    : null;
}

/** The frame last in hand, and putting another there. */
export function useCombPlace(): readonly [CombPlace | null, (place: CombPlace) => void] {
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => selectDraft(state, FORM_KEY));
  const kept = useMemo(() => combPlaceIn(draft), [draft]);
  const stand = useCallback(
    (place: CombPlace): void => {
      dispatch(draftTyped({ formKey: FORM_KEY, values: { ...place } }));
    },
    [dispatch],
  );
  return [kept, stand];
}
