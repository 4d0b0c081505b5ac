import { type ReactElement } from 'react';
import { type YieldShare } from '../../../../core';
import { type LotMass } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { commonWords } from '../../../words/english/common';
import { lineWords } from '../../../words/english/line';

/** Which hives and boxes the honey came from, in proportion. */
export function Yields({ mass }: { mass: LotMass }): ReactElement | null {
  const preferences = useAppSelector(selectPreferences);
  if (!mass.got || mass.frames === 0) return null;
  const kg = (value: number): string => formatQuantity(value, 'mass', preferences);
  const rows = (shares: readonly YieldShare[]) =>
    shares.map((share) => [
      share.from || commonWords.notWrittenDown(),
      String(share.frames),
      kg(share.kg),
      kg(share.kg / share.frames),
    ]);
  return (
    <SheetSection id="yield" title={lineWords.whereItCameFrom()}>
      <p className="mb-2 text-xl">
        <strong className="text-3xl">{kg(mass.got.massKg / mass.frames)}</strong>{' '}
        {lineWords.aFrameOfFrames({ frames: mass.frames })}
      </p>
      <PlainTable
        label={lineWords.yieldByHive()}
        head={[
          commonWords.hive(),
          commonWords.framesHeading(),
          lineWords.yield(),
          lineWords.aFrame(),
        ]}
        rows={rows(mass.byHive)}
      />
      <details className="mt-2">
        <FoldSummary size="large">{lineWords.byBox()}</FoldSummary>
        <PlainTable
          label={lineWords.yieldByBox()}
          head={[
            lineWords.box(),
            commonWords.framesHeading(),
            lineWords.yield(),
            lineWords.aFrame(),
          ]}
          rows={rows(mass.byBox)}
        />
      </details>
      <p className="mt-1 text-base">{lineWords.dividedInProportionToWhat()}</p>
    </SheetSection>
  );
}
