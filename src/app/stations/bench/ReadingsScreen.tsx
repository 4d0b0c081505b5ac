import type { ReactElement } from 'react';
import { PageHead } from '../../ui/page/PageHead';
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
      <PageHead title={benchWords.allReadings()}>
        <PageLink to="bench">{commonWords.toTheBench()}</PageLink>
      </PageHead>
      <div className="mt-4">
        <ReadingsTable ledger={ledger} />
      </div>
    </>
  );
}
