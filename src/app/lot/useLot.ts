import { useMemo } from 'react';
import { flipsOf, ruleOnLot, type LotEvidence, type Ruling } from '../../core';
import { contentsOf, evidenceFrom, knownFor, type LotContents, type LotFile } from '../../model';
import { type ReadingContent } from '../../records';
import { useLedger } from '../data/useWorkspaceModel';

/** An answer with what it rests on. */
export interface Answer {
  readonly evidence: LotEvidence;
  readonly ruling: Ruling;
}

/** The ruling on contents saved or still being typed; own lots before it correct what is expected. */
export function useAnswer(contents: LotContents, lotId = ''): Answer {
  const ledger = useLedger();
  return useMemo(() => {
    const evidence = evidenceFrom(contents, knownFor(ledger, { lotId, contents }));
    return { evidence, ruling: ruleOnLot(evidence) };
  }, [contents, lotId, ledger]);
}

/** What would change an answer; computed apart, since it rules some dozens of times. */
export function useFlips({ evidence, ruling }: Answer) {
  return useMemo(() => flipsOf(evidence, ruling), [evidence, ruling]);
}

/** Identifier of the reading that is still being typed. */
export const PROVISIONAL_ID = 'provisional';

/** The saved contents of a lot, with the reading now being typed where it is complete. */
export function withProvisional(file: LotFile, provisional: ReadingContent | null): LotContents {
  const saved = contentsOf(file);
  if (!provisional) return saved;
  const typed = { entityId: PROVISIONAL_ID, content: provisional };
  return { ...saved, readings: [...saved.readings, typed] };
}
