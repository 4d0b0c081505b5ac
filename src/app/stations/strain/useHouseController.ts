import { useMemo } from 'react';
import type { HouseLog } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useEditing } from '../../data/useEditing';
import { useMoment } from '../../data/useMoment';
import { useCurrent, useLots } from '../../data/useWorkspaceModel';

/** What happened in the house, the latest first. */
export function useHouseController() {
  const written = useCurrent('house-log');
  const log = useMemo(
    () => [...written].sort((a, b) => b.content.at.localeCompare(a.content.at)),
    [written],
  );
  return {
    log,
    files: useLots(),
    editing: useEditing<HouseLog>(),
    now: useMoment(),
    preferences: useAppSelector(selectPreferences),
  };
}
