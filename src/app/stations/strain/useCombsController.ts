import { useMemo } from 'react';
import { judgeTools } from '../../../core';
import type { DayOfHouse } from './parts/DayGate';

/** The tools of a house, judged for the combs of a day. */
export function useCombsController({ file, house }: DayOfHouse) {
  const { face, newComb, frames, honeyKgPerFrame } = file.extraction.content;
  const judged = useMemo(
    () => judgeTools({ face, isNew: newComb, frames, honeyKgPerFrame }, house.tools),
    [face, newComb, frames, honeyKgPerFrame, house.tools],
  );
  return { file, house, judged };
}
