import type { ReactElement } from 'react';
import { LongLots } from '../../lot/LongLots';
import type { StoredLot } from '../../../model';
import { ToCorrect } from '../../repair/ToCorrect';
import { Columns } from '../../ui/page/Columns';
import { Fold } from '../../ui/page/Fold';
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

/** Lots in the store; the one that is to be filled into jars is drawn whatever else is there. */
const fillingFirst = (lots: readonly StoredLot[], filling: string | null): StoredLot[] =>
  [...lots].sort(
    (a, b) => Number(b.file.lot.entityId === filling) - Number(a.file.lot.entityId === filling),
  );

/** Lots of which nothing is left, shown by name only. */
function GoneLots({ lots }: { lots: readonly StoredLot[] }): ReactElement | null {
  if (lots.length === 0) return null;
  return (
    <Fold className="mt-6" size="large" summary={storeWords.nothingLeftOf({ lots: lots.length })}>
      <LongLots lots={lots}>
        {(shown) => shown.map((lot) => <LotInStore key={lot.file.lot.entityId} lot={lot} />)}
      </LongLots>
    </Fold>
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
            <LongLots lots={fillingFirst(here, filling)}>
              {(shown) =>
                shown.map((lot) => (
                  <LotInStore
                    key={lot.file.lot.entityId}
                    lot={lot}
                    filling={lot.file.lot.entityId === filling}
                    onFilled={filled}
                  />
                ))
              }
            </LongLots>
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
