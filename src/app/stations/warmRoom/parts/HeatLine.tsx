import type { ReactElement } from 'react';
import type { RoomOutlook } from '../../../../core';

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
      Warmth so far leaves {left(heatNow.diastaseLeft)} % of the diastase and has formed{' '}
      {heatNow.hmfMgPerKg.toFixed(1)} mg/kg of HMF; left in to the end of the chart,{' '}
      {left(heatEnd.diastaseLeft)} % and {heatEnd.hmfMgPerKg.toFixed(1)}. Estimates: only a
      laboratory certifies.
    </p>
  );
}
