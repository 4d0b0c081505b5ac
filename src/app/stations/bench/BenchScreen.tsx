import type { ReactElement } from 'react';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
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
      <PageHead title={benchWords.bench()}>
        <PageLink to="bench/readings">{benchWords.allReadings()}</PageLink>
      </PageHead>
      <Columns>
        <LotsToMeasure ledger={ledger} />
        <div className="space-y-8">
          <MetersSection book={book} ledger={ledger} />
          <ReadersSection ledger={ledger} />
        </div>
      </Columns>
    </>
  );
}
