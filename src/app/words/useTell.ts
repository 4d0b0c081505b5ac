import { useCallback } from 'react';
import type { MessageValue } from '../../core';
import { selectPreferences, useAppSelector } from '../../store';
import { tell } from './tell';

/** Puts what the core has to say into words, in the units that were chosen. */
export function useTell(): (value: MessageValue) => string {
  const preferences = useAppSelector(selectPreferences);
  return useCallback((value) => tell(value, preferences), [preferences]);
}
