import { useMemo } from 'react';
import { priorExpectation, updatedExpectation, type Climate, type Expectation } from '../../core';
import { usePastLots } from './useWorkspaceModel';

/** What is expected of each state of comb in a climate, corrected by one's own lots so far. */
export function useExpectation(climate: Climate): Expectation {
  const lots = usePastLots();
  return useMemo(() => updatedExpectation(priorExpectation(climate), lots), [climate, lots]);
}
