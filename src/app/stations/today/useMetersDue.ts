import { useMemo } from 'react';
import { isToReread, rereadsOf, type Ledger } from '../../../model';
import { dueOf, dueWords, readingsOfMeter } from '../../words/meterState';
import type { DueItem } from './dueItem';
import { useLedger } from '../../data/useWorkspaceModel';
import { benchWords } from '../../words/english/bench';
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

/** Labels that are named one by one; of more only how many there are. */
const MOST_NAMED = 6;

/** Containers whose readings a jump of a zero threw into doubt, by lot. */
function rereadsDue(ledger: Ledger): Omit<DueItem, 'atMs'>[] {
  return ledger.files.flatMap((file) => {
    const waiting = rereadsOf(file, ledger).filter(isToReread);
    if (waiting.length === 0) return [];
    const { entityId, content } = file.lot;
    const labels = waiting.map(({ label }) => label ?? benchWords.wholeLot());
    const named = labels.slice(0, MOST_NAMED).join(', ');
    return [
      {
        id: `reread ${entityId}`,
        title: todayWords.readAgainOf({
          waiting: waiting.length,
          name: content.name || content.code,
        }),
        why: todayWords.theZeroJumped({
          labels: labels.length > MOST_NAMED ? `${named} …` : named,
        }),
        to: `bench/${entityId}`,
        station: 'bench',
        timed: false,
      },
    ];
  });
}

/** What waits at the bench: meters to check, and what to read again after one of them jumped. */
export function useMetersDue(now: string): readonly DueItem[] {
  const ledger = useLedger();
  const rereads = useMemo(() => rereadsDue(ledger), [ledger]);
  return useMemo(() => {
    const atMs = Date.parse(now);
    return [...metersDue(ledger, now), ...rereads.map((item) => ({ ...item, atMs }))];
  }, [ledger, rereads, now]);
}
