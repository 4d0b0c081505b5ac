import { useMemo } from 'react';
import { useAllLotRecords } from '../../db';
import { lotFilesOf, pastLotsOf, type DatedPastLot } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';

const NONE: readonly DatedPastLot[] = [];

/** Own lots that were judged in the comb and measured later; none while loading. */
export function usePastLots(): readonly DatedPastLot[] {
  const workspace = useAppSelector(selectWorkspace);
  const records = useAllLotRecords(workspace);
  return useMemo(() => (records ? pastLotsOf(lotFilesOf(records)) : NONE), [records]);
}
