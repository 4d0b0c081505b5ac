import type { useLotBenchController } from './useLotBenchController';
import { type ReactElement } from 'react';
import { LotRule } from '../../lot/LotRule';
import { ReadingEntry } from '../../lot/ReadingEntry';
import { BenchHeader } from './parts/BenchHeader';
import { EyepiecePanel } from './parts/meters/EyepiecePanel';
import { MeasuredSlab } from './parts/MeasuredSlab';
import { MeterPanel } from './parts/meters/MeterPanel';
import { PlanPart } from './parts/PlanPart';
import { ReadingsPart } from './parts/ReadingsPart';
import { UncertaintyPart } from './parts/UncertaintyPart';
import { VesselStrip } from './parts/VesselStrip';

/** One lot at the bench: vessel, dial, what it means, and what to measure next. */
export function LotBenchView(props: ReturnType<typeof useLotBenchController>): ReactElement {
  const { file, entry, answer, isProvisional, meter, take } = props;
  const connection = meter?.content.connection ?? 'typed';
  return (
    <>
      <BenchHeader file={file} />
      <div className="mt-4 flex flex-col gap-8 wide:grid wide:grid-cols-[minmax(0,1fr)_minmax(0,27rem)] wide:items-start wide:gap-x-10">
        <div className="contents wide:block wide:space-y-8">
          <ReadingEntry
            file={file}
            entry={entry}
            ruling={answer.ruling}
            vesselElsewhere
            above={
              <>
                <VesselStrip file={file} answer={answer} />
                {meter && connection === 'eyepiece' && <EyepiecePanel meter={meter.content} />}
                {meter && (connection === 'simulated-meter' || connection === 'serial') && (
                  <MeterPanel key={meter.id} instrument={meter} onTake={(value) => take(value)} />
                )}
              </>
            }
            onKept={() => take(null)}
          />
          <div className="order-3">
            <ReadingsPart file={file} />
          </div>
        </div>
        <div className="order-2 space-y-8">
          <MeasuredSlab answer={answer} provisional={isProvisional} />
          <LotRule answer={answer} />
          <PlanPart file={file} answer={answer} />
          <UncertaintyPart answer={answer} />
        </div>
      </div>
    </>
  );
}
