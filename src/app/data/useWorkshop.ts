import { useMemo } from 'react';
import { useAllLotRecords } from '../../db';
import { NO_METERS, workshopOf, type Workshop } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';
import { useBook } from './useBook';

/** All lots with what they teach about each other; undefined while loading. */
export function useWorkshop(): Workshop | undefined {
  const workspace = useAppSelector(selectWorkspace);
  const records = useAllLotRecords(workspace);
  const book = useBook();
  const meters = book?.meters;
  return useMemo(
    () => (records && meters ? workshopOf(records, meters) : undefined),
    [records, meters],
  );
}

export const EMPTY_WORKSHOP: Workshop = {
  files: [],
  meters: NO_METERS,
  pastLots: [],
  replicates: [],
};
