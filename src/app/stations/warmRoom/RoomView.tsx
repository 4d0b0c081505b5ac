import { Columns } from '../../ui/page/Columns';
import { EmptyNote } from '../../ui/page/EmptyNote';
import { PageHead } from '../../ui/page/PageHead';
import type { useRoomController } from './useRoomController';
import { type ReactElement } from 'react';
import { hasMixedMachines, type RoomFile } from '../../../model';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/page/PageLink';
import { AdviceSection } from './parts/AdviceSection';
import { AirSection } from './parts/AirSection';
import { EarlierBatches } from './parts/EarlierBatches';
import { PlanSection } from './parts/PlanSection';
import { BatchSheet, CheckSheet } from './parts/RoomSheets';
import { RoomDetails } from './parts/RoomDetails';
import { TasksSection } from './parts/TasksSection';
import { isIn } from './roomQuestion';
import { commonWords } from '../../words/english/common';
import { roomWords } from '../../words/english/room';
import { RoomInside } from './parts/RoomInside';

/** How full the room is. */
function loadWords({ room, batches }: RoomFile, nowMs: number): string {
  const inside = batches.filter(({ batch }) => isIn(batch.content, nowMs));
  const boxes = inside.reduce((sum, batchFile) => sum + batchFile.batch.content.boxes, 0);
  return boxes === 0
    ? roomWords.emptyItHoldsBoxes({ capacityBoxes: room.content.capacityBoxes })
    : roomWords.ofBoxesInIt({ boxes, capacityBoxes: room.content.capacityBoxes });
}

/** One room: what is in it, when each batch is dry enough, and what to look after. */
export function RoomView(props: ReturnType<typeof useRoomController>): ReactElement {
  const { file, nowMs, asked, forecast, batch, setBatch, checked, setChecked } = props;
  const { lotId, closeBatch, sharing, weather } = props;
  const plan = <PlanSection file={file} asked={asked} forecast={forecast} />;
  const air = (
    <>
      <AirSection
        file={file}
        outlook={forecast.first?.outlook ?? null}
        draws={forecast.draws}
        zeroMs={asked.present.zeroMs}
        nowMs={nowMs}
        weather={weather}
      />
      <EarlierBatches file={file} nowMs={nowMs} onEdit={setBatch} />
      <RoomDetails file={file} />
    </>
  );
  return (
    <>
      <PageHead
        over={commonWords.warmRoom()}
        title={file.room.content.name}
        lead={loadWords(file, nowMs)}
      >
        <Button tone="ink" className="min-h-14" onClick={() => setBatch('new')}>
          {roomWords.loadABatch()}
        </Button>
        <PageLink to="warm-room">{roomWords.allRooms()}</PageLink>
      </PageHead>
      {sharing.length > 0 && (
        <p className="mt-3 border-l-4 border-ink pl-3 text-lg">
          {roomWords.sharesAir({
            rooms: sharing.map(({ room }) => room.content.name).join(', '),
          })}{' '}
          {hasMixedMachines([file, ...sharing]) && roomWords.mixedMachines()}
        </p>
      )}
      {asked.batches.length > 0 ? (
        <RoomInside
          asked={asked}
          forecast={forecast}
          nowMs={nowMs}
          outsideC={file.room.content.outside.meanC}
          onCheck={(of, check) => setChecked({ batch: of, check: check ?? null })}
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
          <EmptyNote>{roomWords.theRoomIsEmptyLoad()}</EmptyNote>
          <Columns>
            {plan}
            <div className="space-y-8">{air}</div>
          </Columns>
        </>
      )}
      <BatchSheet file={file} batch={batch} lotId={lotId} onClose={closeBatch} />
      {checked && <CheckSheet {...checked} onClose={() => setChecked(null)} />}
    </>
  );
}
