import type { ReactElement } from 'react';
import type { RoomOutlook } from '../../../../core';
import { roomWords } from '../../../words/english/room';

/** What the warmth costs a batch: an estimate, only a laboratory certifies. */
export function HeatLine({
  outlook,
  at,
}: {
  outlook: RoomOutlook;
  at: number;
}): ReactElement | null {
  const batch = outlook.batches[at];
  if (!batch) return null;
  const { heatNow, heatEnd } = batch;
  const left = (share: number): string => (100 * share).toFixed(1);
  return (
    <p className="mt-2 text-base">
      {roomWords.warmthSoFarHasLeft({
        left: left(heatNow.diastaseLeft),
        hmfMgPerKg: heatNow.hmfMgPerKg.toFixed(1),
        left2: left(heatEnd.diastaseLeft),
        hmfMgPerKg2: heatEnd.hmfMgPerKg.toFixed(1),
      })}
    </p>
  );
}
