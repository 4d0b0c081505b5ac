import { useMemo, type ReactElement } from 'react';
import { readyForecast } from '../../../../core';
import { beesInstead } from '../../../../model';
import type { Batch } from '../../../../records';
import { FIRST_TOLD } from '../../../../workers/dryingClient';
import { useBook } from '../../../data/useWorkspaceModel';
import { roomWords } from '../../../words/english/room';
import type { AskedRoom } from '../roomQuestion';
import type { RoomForecast } from '../useRoomForecast';

interface BeesInsteadProps {
  batch: Batch;
  /** mean of the air outside [°C] */
  outsideC: number;
  asked: AskedRoom;
  forecast: RoomForecast;
  at: number;
}

/** Whether the bees would have finished these combs by themselves, beside what the room takes. */
export function BeesInstead(props: BeesInsteadProps): ReactElement {
  const { batch, outsideC, asked, forecast, at } = props;
  const book = useBook();
  const { probability, daysNeeded } = useMemo(
    () => beesInstead(batch.content, book, outsideC),
    [batch, book, outsideC],
  );
  const inDay = asked.present.run.batches[at]?.inDay ?? 0;
  const isTold = forecast.draws.length >= FIRST_TOLD;
  const likelyDay = isTold ? readyForecast(forecast.draws, at).likelyDay : Infinity;
  const room = Number.isFinite(likelyDay)
    ? ` ${roomWords.theRoomTakes({ days: Math.max(0.5, Math.round(2 * (likelyDay - inDay)) / 2) })}`
    : '';
  const bees =
    daysNeeded === 0
      ? roomWords.beesHadFinished()
      : daysNeeded === null || probability < 0.02
        ? roomWords.beesWouldNot()
        : roomWords.beesWould({
            days: Math.ceil(daysNeeded),
            chance: Math.round(100 * probability),
          });
  return (
    <p className="mt-2 text-base">
      {bees}
      {room}
    </p>
  );
}
