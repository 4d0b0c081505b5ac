import { Suspense, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { useMoment } from '../../data/useMoment';
import { NothingHere } from '../../ui/page/NothingHere';
import { PageLink } from '../../ui/page/PageLink';
import { Waiting } from '../../ui/page/Waiting';
import { dueOf, dueWords, readingsOfMeter, zeroWords } from '../../words/meterState';
import { ChecksSection } from './parts/meters/ChecksSection';
import { DoubtedReadings } from './parts/meters/DoubtedReadings';
import { MeterDetails } from './parts/meters/MeterDetails';
import { lazyPart } from '../../ui/page/lazyPart';
import { useLedger } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';

const DriftChart = lazyPart(
  () => import('./parts/meters/DriftChart'),
  (module) => module.DriftChart,
);

/** One meter: what it is off by, its checks over time, and readings thrown into doubt. */
export function MeterScreen(): ReactElement {
  const { instrumentId = '' } = useParams();
  const ledger = useLedger();
  const now = useMoment();
  const meter = ledger.meters.get(instrumentId);
  if (!meter) return <NothingHere />;
  const readings = readingsOfMeter(ledger.files, instrumentId);
  const due = dueOf(meter, readings, now);
  return (
    <>
      <header className="flex flex-wrap items-end justify-between gap-3 pt-5">
        <div>
          <p className="text-base font-semibold">{commonWords.meter()}</p>
          <h1 className="text-4xl leading-tight font-bold">{meter.instrument.content.name}</h1>
        </div>
        <PageLink to="bench">{commonWords.toTheBench()}</PageLink>
      </header>
      <p className="mt-3 text-3xl leading-snug font-bold">{zeroWords(meter, now)}</p>
      <p className={due.due ? 'text-xl font-bold' : 'text-xl'}>{dueWords(due)}</p>
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
        <div className="space-y-8">
          <Suspense fallback={<Waiting />}>
            <DriftChart meter={meter} />
          </Suspense>
          <DoubtedReadings meter={meter} ledger={ledger} />
          <MeterDetails meter={meter} readings={readings.length} />
        </div>
        <ChecksSection meter={meter} />
      </div>
    </>
  );
}
