import { useMemo } from 'react';
import { localDayOf } from '../../../model';
import type { Stock } from '../../../records';
import { useCurrent, useStore } from '../../data/useWorkspaceModel';
import type { DueItem } from './dueItem';
import type { HouseSources } from './houseDue';
import { useLaterDue, type LaterPart } from './useLaterDue';

const STORED: readonly Stock['content']['item'][] = ['drawn', 'half-drawn'];

const HOUSE: LaterPart<HouseSources> = {
  load: async () => (await import('./houseDue')).houseDue,
  id: 'house',
  station: 'store',
  to: 'store/jars',
};

/** When combs in store were last counted; nothing where there are none. */
const combsCounted = (stocks: readonly Stock[]): string | undefined =>
  stocks
    .filter(({ content }) => STORED.includes(content.item) && content.have > 0)
    .map(({ recordedAt }) => localDayOf(recordedAt))
    .sort()
    .at(-1);

/** What occasions, samples and rounds of the house ask for; comes after the first paint. */
export function useHouseDue(nowMs: number): readonly DueItem[] {
  const lots = useStore();
  const occasions = useCurrent('occasion');
  const log = useCurrent('house-log');
  const stocks = useCurrent('stock');
  const sources = useMemo(
    () => ({ lots, occasions, log, combsSince: combsCounted(stocks), nowMs }),
    [lots, occasions, log, stocks, nowMs],
  );
  return useLaterDue(HOUSE, sources, nowMs);
}
