import { useMemo } from 'react';
import { type Workshop, ruledLots, type RuledLots } from '../../model';
import { selectPreferences, useAppSelector } from '../../store';
import { phrasingFor } from '../format/phrasing';

/** All lots with the ruling on the evidence at hand; undefined while loading. */
export function useRuledLots(workshop: Workshop | undefined): RuledLots | undefined {
  const preferences = useAppSelector(selectPreferences);
  return useMemo(
    () => workshop && ruledLots(workshop, phrasingFor(preferences)),
    [workshop, preferences],
  );
}
