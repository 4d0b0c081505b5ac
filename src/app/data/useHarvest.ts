import { useMemo } from 'react';
import { useHarvestRecords } from '../../db';
import {
  harvestFileOf,
  harvestOf,
  judgeFrames,
  judgingOf,
  type Book,
  type HarvestFile,
  type Judging,
  type KeptJudgedFrame,
} from '../../model';
import { type Harvest } from '../../records';
import { selectWorkspace, useAppSelector } from '../../store';
import { useBook } from './useBook';

/** A day at the hives with everything that was judged on it. */
export interface HarvestDay {
  readonly book: Book;
  readonly harvest: Harvest;
  readonly file: HarvestFile;
  readonly judging: Judging;
  readonly judged: readonly KeptJudgedFrame[];
}

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
    if (!book || !records) return LOADING;
    const harvest = harvestOf(book, harvestId);
    if (!harvest) return { status: 'missing' };
    const file = harvestFileOf(records, harvestId);
    const judging = judgingOf(book, harvest);
    const judged = judgeFrames(file.stories, judging);
    return { status: 'ready', day: { book, harvest, file, judging, judged } };
  }, [book, records, harvestId]);
}
