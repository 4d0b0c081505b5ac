import { isAccepted, type Outcome, type Ruling } from '../../../core';
import type { LotFile } from '../../../model';

/** Pages that lead on from a lot. */
export const NEXT_STEPS = ['dry', 'containers', 'jars', 'keep'] as const;
export type NextStep = (typeof NEXT_STEPS)[number];

/** Outcomes of honey of which nothing was read. */
const UNMEASURED: readonly Outcome[] = ['measure', 'by-comb'];

/** Whether it may still hang in its combs: nothing was read of it, and it stands in no container. */
const isInComb = ({ containers, readings }: LotFile, outcome: Outcome): boolean =>
  UNMEASURED.includes(outcome) && containers.length === 0 && readings.length === 0;

/**
 * What comes after the answer: honey that was measured and is good stands in containers, and once it is signed
 * goes into jars and to its place; what is not may be dried, unless the ruling closes that way.
 */
export function nextSteps(file: LotFile, ruling: Ruling): readonly NextStep[] {
  const { outcome, ways } = ruling;
  const isSigned = file.ruling !== null && isAccepted(file.ruling.content.outcome);
  if (isAccepted(outcome) && (isSigned || outcome !== 'by-comb')) {
    if (file.containers.length === 0) return ['containers'];
    return isSigned ? ['jars', 'keep'] : [];
  }
  const isOpen = ways.some(({ id, open }) => id === 'dry' && open);
  return isInComb(file, outcome) || isOpen ? ['dry'] : [];
}
