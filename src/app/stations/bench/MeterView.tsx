import { Suspense, type ReactElement } from 'react';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import { Waiting } from '../../ui/page/Waiting';
import { lazyPart } from '../../ui/page/lazyPart';
import { dueWords, zeroWords } from '../../words/meterState';
import { ChecksSection } from './parts/meters/ChecksSection';
import { DoubtedReadings } from './parts/meters/DoubtedReadings';
import { MeterDetails } from './parts/meters/MeterDetails';
import type { useMeterController } from './useMeterController';
import { commonWords } from '../../words/english/common';

const DriftChart = lazyPart(
  () => import('./parts/meters/DriftChart'),
  (module) => module.DriftChart,
);

/** One meter: what it is off by, its checks over time, and readings thrown into doubt. */
export function MeterView(props: NonNullable<ReturnType<typeof useMeterController>>): ReactElement {
  const { meter, ledger, now, readings, due } = props;
  return (
    <>
      <PageHead over={commonWords.meter()} title={meter.instrument.content.name} />
      <p className="mt-3 text-3xl leading-snug font-bold">{zeroWords(meter, now)}</p>
      <p className={due.due ? 'text-xl font-bold' : 'text-xl'}>{dueWords(due)}</p>
      <Columns>
        <div className="space-y-8">
          <Suspense fallback={<Waiting />}>
            <DriftChart meter={meter} />
          </Suspense>
          <DoubtedReadings meter={meter} ledger={ledger} />
          <MeterDetails meter={meter} readings={readings} />
        </div>
        <ChecksSection meter={meter} />
      </Columns>
    </>
  );
}
