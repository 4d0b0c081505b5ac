import type { DatedPastLot } from '../../model';
import { EMPTY_WORKSHOP, useWorkshop } from './useWorkshop';

/** Own lots that were judged in the comb and measured later; none while loading. */
export function usePastLots(): readonly DatedPastLot[] {
  return (useWorkshop() ?? EMPTY_WORKSHOP).pastLots;
}
