import { Suspense, useMemo, useState, type ReactElement } from 'react';
import { useParams } from 'react-router';
import type { RoomFile } from '../../../model';
import type { Batch, BatchCheck } from '../../../records';
import { useMoment } from '../../data/useMoment';
import { Button } from '../../ui/Button';
import { ForecastProgress } from '../../ui/page/ForecastProgress';
import { NothingHere } from '../../ui/page/NothingHere';
import { PageLink } from '../../ui/page/PageLink';
import { SheetSection } from '../../ui/page/SheetSection';
import { Waiting } from '../../ui/page/Waiting';
import { AdviceSection } from './parts/AdviceSection';
import { AirSection } from './parts/AirSection';
import { BatchesSection } from './parts/BatchesSection';
import { ChecksList } from './parts/ChecksList';
import { EarlierBatches } from './parts/EarlierBatches';
import { HeatLine } from './parts/HeatLine';
import { PlanSection } from './parts/PlanSection';
import { BatchSheet, CheckSheet } from './parts/RoomSheets';
import { RoomDetails } from './parts/RoomDetails';
import { TasksSection } from './parts/TasksSection';
import { askedRoom, isIn, type AskedRoom } from './roomQuestion';
import { useRoomForecast, type RoomForecast } from './useRoomForecast';
import { lazyPart } from '../../ui/page/lazyPart';
import { useRooms } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { roomWords } from '../../words/english/room';

const ForecastChart = lazyPart(
  () => import('./parts/ForecastChart'),
  (module) => module.ForecastChart,
);

const COLUMNS = 'mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2';

/** How full the room is. */
function loadWords({ room, batches }: RoomFile, nowMs: number): string {
  const inside = batches.filter(({ batch }) => isIn(batch.content, nowMs));
  const boxes = inside.reduce((sum, one) => sum + one.batch.content.boxes, 0);
  return boxes === 0
    ? roomWords.emptyItHoldsBoxes({ capacityBoxes: room.content.capacityBoxes })
    : roomWords.ofBoxesInIt({ boxes, capacityBoxes: room.content.capacityBoxes });
}

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

interface InsideProps {
  asked: AskedRoom;
  forecast: RoomForecast;
  nowMs: number;
  onCheck: (batch: Batch, check?: BatchCheck) => void;
  onEdit: (batch: Batch) => void;
  /** under the batches, and beside them under the chart */
  below: ReactElement;
  beside: ReactElement;
}

/** Batches of a room that is in use, the course of the chosen one, and what to look after. */
function Inside(props: InsideProps): ReactElement {
  const { asked, forecast, nowMs, onCheck, onEdit, below, beside } = props;
  const firstIn = asked.batches.findIndex(({ batch }) => isIn(batch.content, nowMs));
  const [picked, setPicked] = useState<number | null>(null);
  const chosen = picked !== null && asked.batches[picked] ? picked : firstIn;
  const outlook = forecast.first?.outlook;
  const file = asked.batches[chosen];
  return (
    <div className={COLUMNS}>
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
        <SheetSection id="course" title={file?.batch.content.name ?? roomWords.theBatch2()}>
          {outlook ? (
            <>
              <Suspense fallback={<Waiting />}>
                <ForecastChart asked={asked} at={chosen} outlook={outlook} draws={forecast.draws} />
              </Suspense>
              {file && <ChecksList file={file} onEdit={(check) => onCheck(file.batch, check)} />}
              <HeatLine outlook={outlook} at={chosen} />
            </>
          ) : (
            <Waiting />
          )}
        </SheetSection>
        {beside}
      </div>
    </div>
  );
}

function RoomView({ file }: { file: RoomFile }): ReactElement {
  const nowMs = Date.parse(useMoment());
  const [batch, setBatch] = useState<Batch | 'new' | null>(null);
  const [checked, setChecked] = useState<{ batch: Batch; check: BatchCheck | null } | null>(null);
  const asked = useMemo(() => askedRoom(file, nowMs), [file, nowMs]);
  const forecast = useRoomForecast(asked.question);
  const plan = <PlanSection file={file} asked={asked} forecast={forecast} />;
  const air = (
    <>
      <AirSection
        file={file}
        outlook={forecast.first?.outlook ?? null}
        draws={forecast.draws}
        zeroMs={asked.present.zeroMs}
        nowMs={nowMs}
      />
      <EarlierBatches file={file} nowMs={nowMs} onEdit={setBatch} />
      <RoomDetails file={file} />
    </>
  );
  return (
    <>
      <header className="flex flex-wrap items-end justify-between gap-3 pt-5">
        <div>
          <p className="text-base font-semibold">{commonWords.warmRoom()}</p>
          <h1 className="text-4xl leading-tight font-bold">{file.room.content.name}</h1>
          <p className="text-lg">{loadWords(file, nowMs)}</p>
        </div>
        <div className="flex flex-wrap gap-3">
          <Button tone="ink" className="min-h-14" onClick={() => setBatch('new')}>
            {roomWords.loadABatch()}
          </Button>
          <PageLink to="warm-room">{roomWords.allRooms()}</PageLink>
        </div>
      </header>
      {asked.batches.length > 0 ? (
        <Inside
          asked={asked}
          forecast={forecast}
          nowMs={nowMs}
          onCheck={(one, check) => setChecked({ batch: one, check: check ?? null })}
          onEdit={setBatch}
          below={
            <>
              <TasksSection file={file} asked={asked} forecast={forecast} nowMs={nowMs} />
              {plan}
            </>
          }
          beside={
            <>
              <AdviceSection
                asked={asked}
                heating={file.room.content.heating}
                advice={forecast.first?.outlook.advice ?? []}
              />
              {air}
            </>
          }
        />
      ) : (
        <>
          <p className="mt-6 text-xl">{roomWords.theRoomIsEmptyLoad()}</p>
          <div className={COLUMNS}>
            {plan}
            <div className="space-y-8">{air}</div>
          </div>
        </>
      )}
      <BatchSheet file={file} batch={batch} onClose={() => setBatch(null)} />
      {checked && <CheckSheet {...checked} onClose={() => setChecked(null)} />}
    </>
  );
}

/** One room: what is in it, when each batch is dry enough, and what to look after. */
export function RoomScreen(): ReactElement {
  const { roomId = '' } = useParams();
  const rooms = useRooms();
  const file = rooms.find((room) => room.room.entityId === roomId);
  return file ? <RoomView key={roomId} file={file} /> : <NothingHere />;
}
