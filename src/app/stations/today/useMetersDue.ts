import { useMemo } from 'react';
import type { Ledger } from '../../../model';
import { dueOf, dueWords, readingsOfMeter } from '../../words/meterState';
import type { DueItem } from './dueItem';
import { useLedger } from '../../data/useWorkspaceModel';
import { todayWords } from '../../words/english/today';

/** Meters in use whose zero is to be checked. */
function metersDue({ meters, files }: Ledger, now: string): DueItem[] {
  return [...meters.values()].flatMap((meter) => {
    const { entityId: id, content } = meter.instrument;
    const readings = readingsOfMeter(files, id);
    const due = dueOf(meter, readings, now);
    const inUse = readings.length > 0 || meter.checks.length > 0;
    if (!due.due || !inUse) return [];
    const title = todayWords.checkTheZeroOf({ name: content.name });
    const atMs = Date.parse(now);
    const why = dueWords(due);
    return [{ id, title, why, to: `bench/meters/${id}`, station: 'bench', timed: false, atMs }];
  });
}

/** What waits at the bench: meters to check. */
export function useMetersDue(now: string): readonly DueItem[] {
  const ledger = useLedger();
  return useMemo(() => metersDue(ledger, now), [ledger, now]);
}
