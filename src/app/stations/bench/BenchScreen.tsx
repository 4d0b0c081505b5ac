import type { ReactElement } from 'react';
import { PageLink } from '../../ui/page/PageLink';
import { LotsToMeasure } from './parts/LotsToMeasure';
import { MetersSection } from './parts/meters/MetersSection';
import { ReadersSection } from './parts/ReadersSection';
import { useBook, useLedger } from '../../data/useWorkspaceModel';
import { benchWords } from '../../words/english/bench';

/** The bench: what to measure next, the meters and what they are off by, who reads how well. */
export function BenchScreen(): ReactElement {
  const ledger = useLedger();
  const book = useBook();
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-3 pt-5">
        <h1 className="text-4xl font-bold">{benchWords.bench()}</h1>
        <PageLink to="bench/readings">{benchWords.allReadings()}</PageLink>
      </div>
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
        <LotsToMeasure ledger={ledger} />
        <div className="space-y-8">
          <MetersSection book={book} ledger={ledger} />
          <ReadersSection ledger={ledger} />
        </div>
      </div>
    </>
  );
}
