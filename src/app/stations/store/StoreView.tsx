import { useState, type ReactElement } from 'react';
import type { StoredLot } from '../../../model';
import { ToCorrect } from '../../repair/ToCorrect';
import { Columns } from '../../ui/page/Columns';
import { FoldSummary } from '../../ui/page/FoldSummary';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { BlendRows } from './parts/BlendRows';
import { CodeSearch } from './parts/CodeSearch';
import { JarsPart } from './parts/JarsPart';
import { LotInStore } from './parts/LotInStore';
import { SpringCombs } from './parts/SpringCombs';
import { WatchRows } from './parts/WatchRows';
import type { useStoreController } from './useStoreController';
import { commonWords } from '../../words/english/common';
import { storeWords } from '../../words/english/store';

/** Lots of which nothing is left, shown by name only. */
function GoneLots({ lots }: { lots: readonly StoredLot[] }): ReactElement | null {
  const [shown, setShown] = useState(false);
  if (lots.length === 0) return null;
  return (
    <details className="mt-6" open={shown} onToggle={(event) => setShown(event.currentTarget.open)}>
      <FoldSummary size="large">{storeWords.nothingLeftOf({ lots: lots.length })}</FoldSummary>
      {shown && lots.map((lot) => <LotInStore key={lot.file.lot.entityId} lot={lot} />)}
    </details>
  );
}

/** Everything that stands in the store: what to look at, containers, jars, blends. */
export function StoreView(props: ReturnType<typeof useStoreController>): ReactElement {
  const { files, unruled, lots, here, gone, blends, combs, watches, nowMs } = props;
  const { filling, filled } = props;
  return (
    <>
      <PageHead title={commonWords.store()}>
        <PageLink to="store/blend">{storeWords.planABlend()}</PageLink>
        <PageLink to="store/trace">{storeWords.traceAndRecall()}</PageLink>
        <PageLink to="store/verify">{storeWords.verifyAFile()}</PageLink>
      </PageHead>
      <ToCorrect unruled={unruled} />
      <Columns share="main-first">
        <div className="space-y-8">
          <WatchRows watches={watches} lots={lots} nowMs={nowMs} />
          <section aria-labelledby="containers">
            <h2 id="containers" className="text-2xl font-bold">
              {storeWords.containers()}
            </h2>
            {here.map((lot) => (
              <LotInStore
                key={lot.file.lot.entityId}
                lot={lot}
                filling={lot.file.lot.entityId === filling}
                onFilled={filled}
              />
            ))}
            {lots.length === 0 && <p className="mt-2 text-lg">{storeWords.noHoneyYetStartA()}</p>}
            <GoneLots lots={gone} />
          </section>
        </div>
        <div className="space-y-8">
          <CodeSearch files={files} />
          <JarsPart lots={lots} />
          <BlendRows {...blends} />
          <SpringCombs combs={combs} />
        </div>
      </Columns>
    </>
  );
}
