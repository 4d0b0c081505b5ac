import type { ReactElement } from 'react';
import { PageLink } from '../../ui/page/PageLink';
import { ReadingsTable } from './parts/ReadingsTable';
import { useLedger } from '../../data/useWorkspaceModel';
import { benchWords } from '../../words/english/bench';
import { commonWords } from '../../words/english/common';

/** Every reading of every lot, to search and to sort. */
export function ReadingsScreen(): ReactElement {
  const ledger = useLedger();
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-3 pt-5 pb-4">
        <h1 className="text-4xl font-bold">{benchWords.allReadings()}</h1>
        <PageLink to="bench">{commonWords.toTheBench()}</PageLink>
      </div>
      <ReadingsTable ledger={ledger} />
    </>
  );
}
