import clsx from 'clsx';
import type { ReactElement } from 'react';
import { moistureAt, readyForecast } from '../../../../core';
import type { Batch } from '../../../../records';
import { FIRST_TOLD } from '../../../../workers/dryingClient';
import { formatPercent } from '../../../format/moisture';
import { readyWords } from '../../../words/readyWords';
import { Button } from '../../../ui/Button';
import { DAYS_AHEAD, isIn, type AskedRoom } from '../roomQuestion';
import type { RoomForecast } from '../useRoomForecast';
import { commonWords } from '../../../words/english/common';
import { roomWords } from '../../../words/english/room';
import { formatQuantity } from '../../../format/units';
import { selectPreferences, useAppSelector } from '../../../../store';

interface BatchesProps {
  asked: AskedRoom;
  forecast: RoomForecast;
  nowMs: number;
  chosen: number;
  onChoose: (at: number) => void;
  onCheck: (batch: Batch) => void;
  onEdit: (batch: Batch) => void;
}

/** What the batch is at now, and between what it lies; nothing until it is in. */
function nowWords({ asked, forecast }: BatchesProps, at: number): string {
  const { reportDays } = asked.present.run;
  const index = reportDays.findLastIndex((day) => day <= asked.present.nowDay);
  if (forecast.draws.length < FIRST_TOLD) return '';
  const { low, middle, high } = moistureAt(forecast.draws, at, Math.max(0, index));
  if (!Number.isFinite(middle)) return roomWords.justIn();
  return roomWords.nowAboutTo({
    middle: formatPercent(middle),
    low: formatPercent(low),
    high: formatPercent(high),
  });
}

function wordsOf({ asked, forecast, nowMs }: BatchesProps, at: number): string {
  if (forecast.draws.length < FIRST_TOLD)
    return forecast.status === 'failed' ? '' : commonWords.calculating();
  const { zeroMs } = asked.present;
  const ready = readyForecast(forecast.draws, at);
  return readyWords(ready, { zeroMs, nowMs, daysAhead: DAYS_AHEAD });
}

function BatchRow({ props, at }: { props: BatchesProps; at: number }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const { asked, chosen, onChoose, onCheck, onEdit } = props;
  const file = asked.batches[at];
  if (!file) return null;
  const { content } = file.batch;
  return (
    <li
      className={clsx(
        'border-l-8 py-3 pl-4',
        chosen === at ? 'border-lavender' : 'border-transparent',
      )}
    >
      <button
        type="button"
        aria-pressed={chosen === at}
        onClick={() => onChoose(at)}
        className="block min-h-14 w-full text-left hover:bg-lavender-pale"
      >
        <span className="block text-lg font-semibold">
          {content.name}
          <span className="font-normal text-ink-soft">
            {' '}
            · {roomWords.boxes({ boxes: content.boxes })},{' '}
            {formatQuantity(content.boxes * content.honeyKgPerBox, 'mass', preferences, 0)}
          </span>
        </span>
        <span className="block text-3xl leading-tight font-bold">{wordsOf(props, at)}</span>
        <span className="block text-lg">
          {roomWords.toBe({
            nowWords: nowWords(props, at),
            targetPercent: formatPercent(content.targetPercent),
          })}
        </span>
      </button>
      <span className="mt-1 flex flex-wrap gap-2">
        <Button className="min-h-14" onClick={() => onCheck(file.batch)}>
          {roomWords.readOrWeighIt()}
          <span className="sr-only">: {content.name}</span>
        </Button>
        <Button tone="quiet" onClick={() => onEdit(file.batch)}>
          {roomWords.changeOrTakeOut()}
          <span className="sr-only">: {content.name}</span>
        </Button>
      </span>
    </li>
  );
}

/** What is in, and when it is dry enough. */
export function BatchesSection(props: BatchesProps): ReactElement {
  const { asked, nowMs } = props;
  return (
    <ul className="divide-y divide-thread">
      {asked.batches.map(({ batch }, at) =>
        isIn(batch.content, nowMs) ? <BatchRow key={batch.entityId} props={props} at={at} /> : null,
      )}
    </ul>
  );
}
