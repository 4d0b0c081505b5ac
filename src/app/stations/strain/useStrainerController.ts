import { useMemo } from 'react';
import { askedStrainer } from './strainerQuestion';
import type { DayOfHouse } from './parts/DayGate';

/** What the strainer of a day does to its honey; null for ling, which is a gel and is not strained. */
export function useStrainerController({ file }: DayOfHouse) {
  const isGel = file.extraction.content.honeyKind === 'heather';
  const asked = useMemo(() => (isGel ? null : askedStrainer(file)), [isGel, file]);
  return { file, asked };
}
