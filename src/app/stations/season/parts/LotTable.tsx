import { type ReactElement } from 'react';
import { type SeasonReport } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { OUTCOME_NAMES } from '../../../format/moisture';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { commonWords } from '../../../words/english/common';
import { seasonWords } from '../../../words/english/season';
import { colourName } from '../../../format/colour';
import { tastesWords } from '../../../words/english/tastes';

/** A mass in the keeper’s unit, kept on one line; a dash where it is not known. */
export const useMass = (): ((kg: number | null) => string) => {
  const preferences = useAppSelector(selectPreferences);
  return (kg) =>
    kg === null ? '–' : formatQuantity(kg, 'mass', preferences).replace(' ', '\u00a0');
};

/** Every lot of a year with what was found of it. */
export function LotTable({ report, year }: { report: SeasonReport; year: number }): ReactElement {
  const mass = useMass();
  const lots = report.lots.filter((lot) => lot.year === year);
  const found = lots.reduce((sum, lot) => sum + (lot.isBlend ? 0 : (lot.foundKg ?? 0)), 0);
  const frames = lots.reduce((sum, lot) => sum + lot.frames, 0);
  return (
    <SheetSection id="lots" title={seasonWords.lotsOf({ year })}>
      <p className="text-xl">
        <strong className="text-5xl">{mass(found)}</strong>{' '}
        {seasonWords.inLots({ lots: lots.length })}
        {frames > 0 && seasonWords.framesWrittenDown({ frames })}
      </p>
      <PlainTable
        label={seasonWords.everyLotOf({ year })}
        head={[
          commonWords.lotHeading(),
          commonWords.found(),
          commonWords.water(),
          seasonWords.ruling(),
          commonWords.framesHeading(),
          seasonWords.judgedInComb(),
          seasonWords.lostOnTheWay(),
          seasonWords.flow(),
          seasonWords.yard(),
          seasonWords.colourAndTaste(),
        ]}
        rows={lots.map((lot) => [
          lot.name,
          lot.isBlend ? seasonWords.ofOtherLots({ foundKg: mass(lot.foundKg) }) : mass(lot.foundKg),
          `${lot.moisturePercent.toFixed(1)} %${lot.measured ? '' : seasonWords.notMeasured()}`,
          `${OUTCOME_NAMES[lot.outcome]}${lot.signed ? seasonWords.signed() : ''}`,
          lot.frames > 0 ? String(lot.frames) : '–',
          mass(lot.judgedKg),
          mass(lot.lostKg),
          lot.flow,
          lot.yard,
          [
            ...(lot.colour ? [colourName(lot.colour)] : []),
            ...lot.taste.map((note) => tastesWords[note]()),
          ].join(', '),
        ])}
      />
    </SheetSection>
  );
}
