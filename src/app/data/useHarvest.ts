import { useMemo } from 'react';
import { useHarvestRecords } from '../../db';
import { harvestDayOf, type HarvestDay } from '../../model';
import { selectWorkspace, useAppSelector } from '../../store';
import { useBook } from './useWorkspaceModel';

export type HarvestState =
  | { readonly status: 'loading' }
  | { readonly status: 'missing' }
  | { readonly status: 'ready'; readonly day: HarvestDay };

const LOADING = { status: 'loading' } as const;

/** The day of that id, up to date across tabs. */
export function useHarvest(harvestId: string): HarvestState {
  const workspace = useAppSelector(selectWorkspace);
  const book = useBook();
  const records = useHarvestRecords(workspace, harvestId);
  return useMemo(() => {
    if (!records) return LOADING;
    const day = harvestDayOf(book, records, harvestId);
    return day ? { status: 'ready', day } : { status: 'missing' };
  }, [book, records, harvestId]);
}
