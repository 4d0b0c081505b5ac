import { useMemo } from 'react';
import type { HouseLog } from '../../../records';
import { selectPreferences, useAppSelector } from '../../../store';
import { useEditing } from '../../data/useEditing';
import { useMoment } from '../../data/useMoment';
import { isInStore } from '../../data/watchList';
import { useCurrent, useLots, useStore } from '../../data/useWorkspaceModel';

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
    /** lots that may stand open: of others nothing is in the house */
    here: useStore()
      .filter((lot) => isInStore(lot) || lot.vessels.length === 0)
      .map(({ file }) => file),
    editing: useEditing<HouseLog>(),
    now: useMoment(),
    preferences: useAppSelector(selectPreferences),
  };
}
