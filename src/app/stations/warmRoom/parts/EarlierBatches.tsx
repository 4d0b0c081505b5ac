import type { ReactElement } from 'react';
import { type RoomFile } from '../../../../model';
import { isForgotten, type Batch } from '../../../../records';
import { formatDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { SheetSection } from '../../../ui/page/SheetSection';
import { isIn } from '../roomQuestion';
import { commonWords } from '../../../words/english/common';
import { roomWords } from '../../../words/english/room';

interface EarlierBatchesProps {
  file: RoomFile;
  nowMs: number;
  onEdit: (batch: Batch) => void;
}

/** Batches that are out again; what was measured of them still teaches the room. */
export function EarlierBatches(props: EarlierBatchesProps): ReactElement | null {
  const { file, nowMs, onEdit } = props;
  const gone = file.batches.filter(({ batch }) => !isIn(batch.content, nowMs)).reverse();
  if (gone.length === 0) return null;
  return (
    <SheetSection id="earlier" title={roomWords.earlierBatches({ gone: gone.length })}>
      <ul className="divide-y divide-thread">
        {gone.map(({ batch, checks }) => (
          <li key={batch.entityId} className="flex flex-wrap items-center gap-x-4">
            <span className="grow text-base">
              <strong>{batch.content.name}</strong>,{' '}
              {roomWords.boxes({ boxes: batch.content.boxes })}, {formatDay(batch.content.inAt)}
              {batch.content.outAt &&
                roomWords.toOutat({ outAt: formatDay(batch.content.outAt) })},{' '}
              {roomWords.measurements({ checks: checks.length })}
              {isForgotten(batch.content, nowMs) && (
                <strong className="block">{roomWords.itWasNeverNotedWhen()}</strong>
              )}
            </span>
            <Button tone="quiet" onClick={() => onEdit(batch)}>
              {commonWords.change()}
              <span className="sr-only"> {batch.content.name}</span>
            </Button>
          </li>
        ))}
      </ul>
    </SheetSection>
  );
}
