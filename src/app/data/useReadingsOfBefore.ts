import { useMemo } from 'react';
import type { HistoryReason } from '../../core';
import { readingsOfBefore, type LotFile } from '../../model';
import { useLedger } from './useWorkspaceModel';

/** Readings of a lot that are history, each with what happened after it. */
export function useReadingsOfBefore(file: LotFile): ReadonlyMap<string, HistoryReason> {
  const { meters, related } = useLedger();
  return useMemo(() => readingsOfBefore(file, { meters, related }), [file, meters, related]);
}
