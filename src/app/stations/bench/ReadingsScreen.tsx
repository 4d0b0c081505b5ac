import type { ReactElement } from 'react';
import { PageHead } from '../../ui/page/PageHead';
import { ReadingsTable } from './parts/ReadingsTable';
import { useLedger } from '../../data/useWorkspaceModel';
import { benchWords } from '../../words/english/bench';

/** Every reading of every lot, to search and to sort. */
export function ReadingsScreen(): ReactElement {
  const ledger = useLedger();
  return (
    <>
      <PageHead title={benchWords.allReadings()} />
      <div className="mt-4">
        <ReadingsTable ledger={ledger} />
      </div>
    </>
  );
}
