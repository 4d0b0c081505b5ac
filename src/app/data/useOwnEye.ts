import { useMemo } from 'react';
import type { KnownEye } from '../../core';
import { eyeOfReader } from '../../model';
import { selectPreferences, useAppSelector } from '../../store';
import { useCurrent } from './useWorkspaceModel';

/** The practised eye of whoever has this device; null where it has not practised, or is switched off. */
export function useOwnEye(): KnownEye | null {
  const { initials, practisedEye } = useAppSelector(selectPreferences);
  const looks = useCurrent('practice-look');
  return useMemo(
    () => (practisedEye ? eyeOfReader(looks, initials) : null),
    [looks, initials, practisedEye],
  );
}
