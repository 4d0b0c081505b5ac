import { selectPreferences, useAppSelector } from '../../../store';
import { useNow } from '../../data/useNow';
import { useSpringCombs } from '../../data/useSpringCombs';
import { useBlends, useLedger, useRuledLots, useStore } from '../../data/useWorkspaceModel';
import { useAsked } from '../../data/useAsked';
import { isInStore, watchList } from '../../data/watchList';

const HOUR_MS = 3_600_000;

/** Everything that stands in the store, what is gone from it, and what is to be looked at. */
export function useStoreController() {
  const { files } = useLedger();
  const { unruled } = useRuledLots();
  const lots = useStore();
  const blends = useBlends();
  const combs = useSpringCombs();
  const nowMs = useNow(HOUR_MS);
  const { hemisphere } = useAppSelector(selectPreferences);
  const [filling, filled] = useAsked('fill');
  const here = lots.filter((lot) => isInStore(lot) || lot.vessels.length === 0);
  return {
    /** lot of which jars are to be filled at once */
    filling,
    filled,
    files,
    unruled,
    lots,
    here,
    gone: lots.filter((lot) => !here.includes(lot)),
    blends,
    combs,
    watches: watchList(lots, combs, nowMs, hemisphere),
    nowMs,
  };
}
