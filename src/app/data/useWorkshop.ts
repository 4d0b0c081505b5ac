import { createContext, useContext, useMemo } from 'react';
import { useAllLotRecords } from '../../db';
import { NO_METERS, workshopOf, type Workshop } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';
import { useBook } from './useBook';

/** Handed down by a page that waited for it, so that no part of the page begins without it. */
export const WorkshopContext = createContext<Workshop | undefined>(undefined);

/** All lots with what they teach about each other; undefined while loading. */
export function useWorkshop(): Workshop | undefined {
  const given = useContext(WorkshopContext);
  const own = useOwnWorkshop(given === undefined);
  return given ?? own;
}

/** @param needed - false: nothing is reckoned, since the page has it already */
function useOwnWorkshop(needed: boolean): Workshop | undefined {
  const workspace = useAppSelector(selectWorkspace);
  const records = useAllLotRecords(workspace);
  const book = useBook();
  const meters = book?.meters;
  return useMemo(
    () => (needed && records && meters ? workshopOf(records, meters) : undefined),
    [needed, records, meters],
  );
}

export const EMPTY_WORKSHOP: Workshop = {
  files: [],
  meters: NO_METERS,
  pastLots: [],
  replicates: [],
};
