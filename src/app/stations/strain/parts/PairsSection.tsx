import type { ReactElement } from 'react';
import { oppositePairs, type WeighedFrame } from '../../../../core';
import type { ExtractionFile } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { useWorkshop } from '../../../data/useWorkspaceModel';

/** Frames of the day's lot that were looked at one by one; those judged at one stroke have no weight of their own. */
function useWeighedFrames({ extraction }: ExtractionFile): WeighedFrame[] {
  const { files } = useWorkshop();
  const lot = files.find((one) => one.lot.entityId === extraction.content.lotId);
  return (lot?.frames?.content.frames ?? [])
    .filter((one) => one.count === 1)
    .map((one) => ({
      id: [one.hive, one.box, one.slot === null ? '' : `frame ${one.slot}`]
        .filter((part) => part !== '')
        .join(', '),
      kg: one.honeyKg,
    }));
}

/** Which frames to hang opposite each other, where their honey is known. */
export function PairsSection({ file }: { file: ExtractionFile }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const frames = useWeighedFrames(file);
  if (frames.length < 2) return null;
  const words = (one: WeighedFrame | null): string =>
    one
      ? `${one.id}: ${formatQuantity(one.kg, 'mass', preferences)}`
      : 'a wet frame, so that it runs even';
  return (
    <SheetSection id="pairs" title="Hang opposite">
      <PlainTable
        label="Frames that balance each other"
        head={['This', 'opposite this']}
        rows={oppositePairs(frames).map(([one, other]) => [words(one), words(other)])}
      />
      <p className="mt-1 text-base">By the honey judged in each comb; heavy ones first.</p>
    </SheetSection>
  );
}
