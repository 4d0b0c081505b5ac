import { isAccepted, type Outcome, type Ruling } from '../../../core';
import type { LotFile } from '../../../model';

/** Pages that lead on from a lot. */
export const NEXT_STEPS = ['dry', 'jars', 'keep'] as const;
export type NextStep = (typeof NEXT_STEPS)[number];

/** Outcomes at which the honey is still in the comb, or as good as unmeasured. */
const UNMEASURED: readonly Outcome[] = ['measure', 'by-comb'];

/**
 * What comes after the answer: honey that was signed as good goes into jars and to its place; what was not may
 * be dried, unless the ruling closes that way.
 */
export function nextSteps({ ruling: signed }: LotFile, ruling: Ruling): readonly NextStep[] {
  const { outcome, ways } = ruling;
  if (isAccepted(outcome) && signed && isAccepted(signed.content.outcome)) return ['jars', 'keep'];
  const isOpen = ways.some(({ id, open }) => id === 'dry' && open);
  return UNMEASURED.includes(outcome) || isOpen ? ['dry'] : [];
}
