import { useId, type ReactElement } from 'react';
import { DAY_MS, readyByDay } from '../../../../core';
import { FIRST_TOLD } from '../../../../workers/dryingClient';
import { useDraftText } from '../../../forms/useDraftText';
import { inHundred } from '../../../format/chance';
import { localText, momentOfLocal } from '../../../format/localMoment';
import { INPUT } from '../../../ui/classes';
import { roomWords } from '../../../words/english/room';
import { DAYS_AHEAD, type AskedRoom } from '../roomQuestion';
import type { RoomForecast } from '../useRoomForecast';

interface DeadlineProps {
  asked: AskedRoom;
  forecast: RoomForecast;
  at: number;
  nowMs: number;
}

/** A time of one's own choice, and how likely the batch is dry enough by then. */
export function Deadline({ asked, forecast, at, nowMs }: DeadlineProps): ReactElement | null {
  const id = useId();
  const batchId = asked.batches[at]?.batch.entityId ?? '';
  const usual = localText(new Date(nowMs + 2 * DAY_MS).toISOString()).slice(0, 11) + '08:00';
  const { text, type } = useDraftText(`deadline:${batchId}`, usual);
  if (forecast.draws.length < FIRST_TOLD) return null;
  const moment = momentOfLocal(text);
  const ms = moment === null ? NaN : Date.parse(moment);
  const isAhead = ms >= nowMs && ms <= nowMs + DAYS_AHEAD * DAY_MS;
  const day = (ms - asked.present.zeroMs) / DAY_MS;
  return (
    <div className="grid items-end gap-x-4 gap-y-1 sm:grid-cols-[16rem_1fr]">
      <label htmlFor={id} className="text-base font-semibold">
        {roomWords.dryEnoughBy()}
        <input
          id={id}
          type="datetime-local"
          className={`${INPUT} mt-1`}
          value={text}
          onChange={(event) => type(event.target.value)}
        />
      </label>
      <p role="status" className="py-2 text-2xl font-bold">
        {isAhead
          ? inHundred(readyByDay(forecast.draws, at, day))
          : roomWords.chooseATimeWithin({ days: DAYS_AHEAD })}
      </p>
    </div>
  );
}
