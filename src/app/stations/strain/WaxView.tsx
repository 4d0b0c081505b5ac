import type { ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import { SheetSection } from '../../ui/page/SheetSection';
import { commonWords } from '../../words/english/common';
import { waxWords } from '../../words/english/wax';
import { CombsCounted } from './parts/CombsCounted';
import { WaxLines } from './parts/WaxLines';
import { WaxStocks } from './parts/WaxStocks';
import type { useWaxController } from './useWaxController';

/** Wax from cappings to blocks, and combs for next year. */
export function WaxView(props: ReturnType<typeof useWaxController>): ReactElement {
  return (
    <>
      <PageHead over={commonWords.extraction()} title={waxWords.title()} lead={waxWords.lead()}>
        <Button tone="ink" className="min-h-14" onClick={() => props.editing.add()}>
          {waxWords.weighWax()}
        </Button>
      </PageHead>
      <Columns>
        <div className="space-y-8">
          <WaxStocks {...props} />
          <WaxLines {...props} />
        </div>
        <div className="space-y-8">
          <CombsCounted {...props} />
          <SheetSection id="passes" title={waxWords.inPasses()}>
            <div className="space-y-2 text-lg">
              <p>{waxWords.passes()}</p>
              <p className="font-semibold">{waxWords.neverHoney()}</p>
              <p>{waxWords.fireWater()}</p>
              <p>{waxWords.drain()}</p>
            </div>
          </SheetSection>
        </div>
      </Columns>
    </>
  );
}
