import { Columns } from '../../../ui/page/Columns';
import { Suspense, useState, type ReactElement } from 'react';
import type { Batch, BatchCheck } from '../../../../records';
import { ForecastProgress } from '../../../ui/page/ForecastProgress';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Waiting } from '../../../ui/page/Waiting';
import { BatchesSection } from './BatchesSection';
import { BeesInstead } from './BeesInstead';
import { ChecksList } from './ChecksList';
import { Deadline } from './Deadline';
import { HeatLine } from './HeatLine';
import { isIn, type AskedRoom } from '../roomQuestion';
import { type RoomForecast } from '../useRoomForecast';
import { lazyPart } from '../../../ui/page/lazyPart';
import { roomWords } from '../../../words/english/room';

const ForecastChart = lazyPart(
  () => import('./ForecastChart'),
  (module) => module.ForecastChart,
);

/** What the forecast rests on. */
function restsOn({ first }: RoomForecast): string {
  const learned = first?.learned;
  if (!learned || learned.measurements === 0) {
    return roomWords.nothingHasBeenMeasuredIn();
  }
  const earlier =
    learned.earlier > 0 ? roomWords.ofThemOfEarlierBatches({ earlier: learned.earlier }) : '';
  return roomWords.basedOnMeasurements({ measurements: learned.measurements, earlier });
}

interface RoomInsideProps {
  asked: AskedRoom;
  forecast: RoomForecast;
  nowMs: number;
  /** mean of the air outside [°C] */
  outsideC: number;
  onCheck: (batch: Batch, check?: BatchCheck) => void;
  onEdit: (batch: Batch) => void;
  /** under the batches, and beside them under the chart */
  below: ReactElement;
  beside: ReactElement;
}

/** Batches of a room that is in use, the course of the chosen one, and what to look after. */
export function RoomInside(props: RoomInsideProps): ReactElement {
  const { asked, forecast, nowMs, outsideC, onCheck, onEdit, below, beside } = props;
  const firstIn = asked.batches.findIndex(({ batch }) => isIn(batch.content, nowMs));
  const [picked, setPicked] = useState<number | null>(null);
  const chosen = picked !== null && asked.batches[picked] ? picked : firstIn;
  const outlook = forecast.first?.outlook;
  const file = asked.batches[chosen];
  return (
    <Columns>
      <div className="space-y-8">
        <div>
          <BatchesSection
            asked={asked}
            forecast={forecast}
            nowMs={nowMs}
            chosen={chosen}
            onChoose={setPicked}
            onCheck={onCheck}
            onEdit={onEdit}
          />
          <ForecastProgress forecast={forecast} lookAt={roomWords.roomAndBatches()}>
            {restsOn(forecast)}
          </ForecastProgress>
        </div>
        {below}
      </div>
      <div className="space-y-8">
        <SheetSection id="course" title={file?.batch.content.name ?? roomWords.theBatchHeading()}>
          {outlook ? (
            <>
              <Suspense fallback={<Waiting />}>
                <ForecastChart asked={asked} at={chosen} outlook={outlook} draws={forecast.draws} />
              </Suspense>
              <Deadline asked={asked} forecast={forecast} at={chosen} nowMs={nowMs} />
              {file && <ChecksList file={file} onEdit={(check) => onCheck(file.batch, check)} />}
              {file && (
                <BeesInstead
                  batch={file.batch}
                  outsideC={outsideC}
                  asked={asked}
                  forecast={forecast}
                  at={chosen}
                />
              )}
              <HeatLine outlook={outlook} at={chosen} />
            </>
          ) : (
            <Waiting />
          )}
        </SheetSection>
        {beside}
      </div>
    </Columns>
  );
}
