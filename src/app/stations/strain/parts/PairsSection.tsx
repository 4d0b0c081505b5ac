import type { ReactElement } from 'react';
import { oppositePairs, type WeighedFrame } from '../../../../core';
import type { ExtractionFile } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { useLedger } from '../../../data/useWorkspaceModel';
import { commonWords } from '../../../words/english/common';
import { lineWords } from '../../../words/english/line';

/** Frames of the day's lot that were looked at one by one; those judged at one stroke have no weight of their own. */
function useWeighedFrames({ extraction }: ExtractionFile): WeighedFrame[] {
  const { files } = useLedger();
  const lot = files.find((file) => file.lot.entityId === extraction.content.lotId);
  return (lot?.frames?.content.frames ?? [])
    .filter((frame) => frame.count === 1)
    .map((frame) => ({
      id: [
        frame.hive,
        frame.box,
        frame.slot === null ? '' : commonWords.frame({ slot: frame.slot }),
      ]
        .filter((part) => part !== '')
        .join(', '),
      kg: frame.honeyKg,
    }));
}

/** Which frames to hang opposite each other, where their honey is known. */
export function PairsSection({ file }: { file: ExtractionFile }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  const frames = useWeighedFrames(file);
  if (frames.length < 2) return null;
  const words = (weighedFrame: WeighedFrame | null): string =>
    weighedFrame
      ? `${weighedFrame.id}: ${formatQuantity(weighedFrame.kg, 'mass', preferences)}`
      : lineWords.aWetFrameSoThat();
  return (
    <SheetSection id="pairs" title={lineWords.hangOpposite()}>
      <PlainTable
        label={lineWords.balancedPairs()}
        head={[lineWords.this(), lineWords.oppositeThis()]}
        rows={oppositePairs(frames).map(([one, other]) => [words(one), words(other)])}
      />
      <p className="mt-1 text-base">{lineWords.byTheHoneyJudgedIn()}</p>
    </SheetSection>
  );
}
