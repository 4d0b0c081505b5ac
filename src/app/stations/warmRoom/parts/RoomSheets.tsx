import { clockNow } from '../../../../store/clock';
import { useMemo, type ReactElement } from 'react';
import type { RoomFile } from '../../../../model';
import type { Batch, BatchCheck, BatchContent, WarmRoomRecord } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { useLedger } from '../../../data/useWorkspaceModel';
import { useMoment } from '../../../data/useMoment';
import { useMeters, useRooms } from '../../../data/useWorkspaceModel';
import { batchCheckFormOf, readBatchCheckForm } from '../../../forms/room/batchCheckForm';
import { batchEntry, freshBatch, readBatchForm } from '../../../forms/room/batchForm';
import { USUAL_ROOM, readRoomForm, roomEntry } from '../../../forms/room/warmRoomForm';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { startOfLot } from '../startOfLot';
import { BatchFields } from './BatchFields';
import { CheckFields } from './CheckFields';
import { RoomFields } from './RoomFields';
import { commonWords } from '../../../words/english/common';
import { roomWords } from '../../../words/english/room';

interface RoomSheetProps {
  open: boolean;
  room: WarmRoomRecord | null;
  onClose: () => void;
  onKept?: (entityId: string) => void;
}

/** Adds a room, or changes one. */
export function RoomSheet({ open, room, onClose, onKept }: RoomSheetProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const rooms = useRooms();
  const formOf = useMemo(
    () =>
      roomEntry.fill(room?.content ?? { ...USUAL_ROOM, name: commonWords.warmRoom() }, preferences),
    [room, preferences],
  );
  return (
    <EntrySheet
      open={open}
      onOpenChange={(now) => !now && onClose()}
      kind="warm-room"
      record={room}
      what={roomWords.theRoom()}
      title={room ? room.content.name : roomWords.aWarmRoom()}
      description={roomWords.itsSizeHeatDehumidifierAnd()}
      formOf={formOf}
      parse={(form) => readRoomForm(form, preferences, room?.content ?? null)}
      {...(onKept && { onKept })}
    >
      <RoomFields others={rooms.filter((file) => file.room.entityId !== room?.entityId)} />
    </EntrySheet>
  );
}

interface BatchSheetProps {
  file: RoomFile;
  batch: Batch | 'new' | null;
  /** of a new one: the lot that is loaded, empty where none was chosen before */
  lotId: string;
  onClose: () => void;
}

/** What stays from one load of a room to the next: how boxes stand, what they weigh, when they are done. */
function lastLoad({ batches }: RoomFile): Partial<BatchContent> {
  const last = batches.at(-1)?.batch.content;
  if (!last) return {};
  const { honeyKgPerBox, layout, targetPercent } = last;
  return { honeyKgPerBox, layout, targetPercent };
}

/** Loads a batch, changes it, or takes it out. */
export function BatchSheet({ file, batch, lotId, onClose }: BatchSheetProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  const record = batch === 'new' ? null : batch;
  const ledger = useLedger();
  const formOf = useMemo(() => {
    if (record) return batchEntry.fill(record.content, preferences);
    const start = startOfLot(ledger, lotId);
    const last = lastLoad(file);
    return freshBatch(now, preferences, start ? { ...last, ...start, lotIds: [lotId] } : last);
  }, [record, preferences, now, ledger, lotId, file]);
  return (
    <EntrySheet
      open={batch !== null}
      onOpenChange={(open) => !open && onClose()}
      kind="batch"
      record={record}
      ownerId={file.room.entityId}
      what={roomWords.theBatch()}
      title={record ? record.content.name : roomWords.loadABatch()}
      description={roomWords.aFullBoxCanWeigh()}
      formOf={formOf}
      parse={(form) =>
        readBatchForm(form, preferences, {
          former: record?.content ?? null,
          nowMs: clockNow().getTime(),
        })
      }
    >
      <BatchFields />
    </EntrySheet>
  );
}

interface CheckSheetProps {
  batch: Batch;
  /** the one to change, null for a new one */
  check: BatchCheck | null;
  onClose: () => void;
}

/** Writes down a reading or a weight of a batch. */
export function CheckSheet({ batch, check, onClose }: CheckSheetProps): ReactElement {
  const meters = useMeters();
  const preferences = useAppSelector(selectPreferences);
  const now = useMoment();
  const formOf = useMemo(
    () => batchCheckFormOf(check?.content ?? null, now, preferences),
    [check, preferences, now],
  );
  return (
    <EntrySheet
      open
      onOpenChange={(open) => !open && onClose()}
      kind="batch-check"
      record={check}
      ownerId={batch.entityId}
      what={roomWords.theCheck()}
      title={batch.content.name}
      description={roomWords.everyReadingAndWeightImproves()}
      formOf={formOf}
      parse={(form) => readBatchCheckForm(form, { preferences, meters }, batch.content)}
    >
      <CheckFields />
    </EntrySheet>
  );
}
