import { useMemo } from 'react';
import type { HistoryReason } from '../../core';
import { readingsOfBefore, type LotFile } from '../../model';
import { useWorkshop } from './useWorkspaceModel';

/** Readings of a lot that are history, each with what happened after it. */
export function useReadingsOfBefore(file: LotFile): ReadonlyMap<string, HistoryReason> {
  const { meters, around } = useWorkshop();
  return useMemo(() => readingsOfBefore(file, { meters, around }), [file, meters, around]);
}
