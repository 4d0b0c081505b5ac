import { useMemo } from 'react';
import { flipsOf, ruleOnLot, type LotEvidence, type Ruling } from '../../core';
import { useLotRecords } from '../../db';
import {
  contentsOf,
  evidenceFrom,
  knownFor,
  lotFileOf,
  type LotContents,
  type LotFile,
} from '../../model';
import { type ReadingContent } from '../../records';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../store';
import { EMPTY_WORKSHOP, useWorkshop } from '../data/useWorkshop';
import { phrasingFor } from '../format/phrasing';

/** An answer with what it rests on. */
export interface Answer {
  readonly evidence: LotEvidence;
  readonly ruling: Ruling;
}

/** The ruling on contents saved or still being typed; own lots before it correct what is expected. */
export function useAnswer(contents: LotContents, lotId = ''): Answer {
  const preferences = useAppSelector(selectPreferences);
  const workshop = useWorkshop() ?? EMPTY_WORKSHOP;
  return useMemo(() => {
    const evidence = evidenceFrom(contents, knownFor(workshop, { lotId, contents }));
    return { evidence, ruling: ruleOnLot(evidence, phrasingFor(preferences)) };
  }, [contents, lotId, workshop, preferences]);
}

/** What would change an answer; computed apart, since it rules some dozens of times. */
export function useFlips({ evidence, ruling }: Answer) {
  const preferences = useAppSelector(selectPreferences);
  return useMemo(
    () => flipsOf(evidence, ruling, phrasingFor(preferences)),
    [evidence, ruling, preferences],
  );
}

export type LotState =
  | { readonly status: 'loading' }
  | { readonly status: 'missing' }
  | { readonly status: 'ready'; readonly file: LotFile };

/** The file of a lot, up to date across tabs. */
export function useLotFile(lotId: string): LotState {
  const workspace = useAppSelector(selectWorkspace);
  const records = useLotRecords(workspace, lotId);
  return useMemo(() => {
    if (records === undefined) return { status: 'loading' };
    const file = lotFileOf(records);
    return file ? { status: 'ready', file } : { status: 'missing' };
  }, [records]);
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
