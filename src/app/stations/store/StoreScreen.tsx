import { useState, type ReactElement } from 'react';
import { selectPreferences, useAppSelector } from '../../../store';
import { useNow } from '../../data/useNow';
import { useSpringCombs } from '../../data/useSpringCombs';
import { isInStore, watchList } from '../../data/watchList';
import { PageLink } from '../../ui/page/PageLink';
import { ToCorrect } from '../../repair/ToCorrect';
import { BlendRows } from './parts/BlendRows';
import { CodeSearch } from './parts/CodeSearch';
import { JarsPart } from './parts/JarsPart';
import { LotInStore } from './parts/LotInStore';
import { SpringCombs } from './parts/SpringCombs';
import { WatchRows } from './parts/WatchRows';
import { FoldSummary } from '../../ui/page/FoldSummary';
import { useBlends, useRuledLots, useStore, useLedger } from '../../data/useWorkspaceModel';
import type { StoredLot } from '../../../model';
import { commonWords } from '../../words/english/common';
import { storeWords } from '../../words/english/store';

const HOUR_MS = 3_600_000;

/** Lots of which nothing is left, told by name only. */
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
export function StoreScreen(): ReactElement {
  const ledger = useLedger();
  const rulings = useRuledLots();
  const lots = useStore();
  const blends = useBlends();
  const combs = useSpringCombs();
  const nowMs = useNow(HOUR_MS);
  const { hemisphere } = useAppSelector(selectPreferences);
  const here = lots.filter((lot) => isInStore(lot) || lot.vessels.length === 0);
  const gone = lots.filter((lot) => !here.includes(lot));
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4 pt-5">
        <h1 className="text-4xl font-bold">{commonWords.store()}</h1>
        <div className="flex flex-wrap gap-3">
          <PageLink to="store/blend">{storeWords.planABlend()}</PageLink>
          <PageLink to="store/trace">{storeWords.traceAndRecall()}</PageLink>
          <PageLink to="store/verify">{storeWords.verifyAFile()}</PageLink>
        </div>
      </div>
      <ToCorrect unruled={rulings.unruled} />
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,25rem)]">
        <div className="space-y-8">
          <WatchRows
            watches={watchList(lots, combs, nowMs, hemisphere)}
            lots={lots}
            nowMs={nowMs}
          />
          <section aria-labelledby="containers">
            <h2 id="containers" className="text-2xl font-bold">
              {storeWords.containers()}
            </h2>
            {here.map((one) => (
              <LotInStore key={one.file.lot.entityId} lot={one} />
            ))}
            {lots.length === 0 && <p className="mt-2 text-lg">{storeWords.noHoneyYetStartA()}</p>}
            <GoneLots lots={gone} />
          </section>
        </div>
        <div className="space-y-8">
          <CodeSearch files={ledger.files} />
          <JarsPart lots={lots} />
          <BlendRows {...blends} />
          <SpringCombs combs={combs} />
        </div>
      </div>
    </>
  );
}
