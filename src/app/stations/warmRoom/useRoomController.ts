import { useMemo, useState } from 'react';
import { joinedRoom, sharingWith, weatherOfAll, type RoomFile } from '../../../model';
import { useCurrent, useRooms } from '../../data/useWorkspaceModel';
import type { Batch, BatchCheck } from '../../../records';
import { useMoment } from '../../data/useMoment';
import { useAsked } from '../../data/useAsked';
import { askedRoom } from './roomQuestion';
import { useRoomForecast } from './useRoomForecast';

/** A room as it stands, the forecast of it, and the batch or the check being typed. */
export function useRoomController(file: RoomFile) {
  const nowMs = Date.parse(useMoment());
  const [lotId, lotDone] = useAsked('lot');
  const [batch, setBatch] = useState<Batch | 'new' | null>(lotId === null ? null : 'new');
  const [checked, setChecked] = useState<{ batch: Batch; check: BatchCheck | null } | null>(null);
  const rooms = useRooms();
  const weathers = useCurrent('weather');
  const weather = useMemo(() => weatherOfAll(weathers), [weathers]);
  const asked = useMemo(
    () => askedRoom(joinedRoom(file, rooms), nowMs, weather),
    [file, rooms, nowMs, weather],
  );
  const forecast = useRoomForecast(asked.question);
  const closeBatch = (): void => {
    setBatch(null);
    if (lotId !== null) lotDone();
  };
  return {
    file,
    sharing: sharingWith(file, rooms),
    weather,
    nowMs,
    asked,
    forecast,
    batch,
    setBatch,
    closeBatch,
    lotId: lotId ?? '',
    checked,
    setChecked,
  };
}
