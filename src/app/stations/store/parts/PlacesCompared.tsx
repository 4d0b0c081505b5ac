import type { PlaceToKeep } from '../useKeepController';
import { type ReactElement } from 'react';
import { type LotFile } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { bestBeforeOf, keepingAt, type KeepingBasis } from '../../../../model/store/keeping';
import { dayAfterMonths, formatDay, isoDay } from '../../../format/dates';
import { RISK_NAMES } from '../../../words/storeWords';
import { formatQuantity } from '../../../format/units';
import { PlainTable } from '../../../ui/PlainTable';
import { useLedger } from '../../../data/useWorkspaceModel';
import { commonWords } from '../../../words/english/common';
import { storeWords } from '../../../words/english/store';

interface PlacesComparedProps {
  file: LotFile;
  basis: KeepingBasis;
  places: readonly PlaceToKeep[];
  nowMs: number;
}

/** Places beside one another, and keeping liquid beside creaming. */
export function PlacesCompared({ file, basis, places, nowMs }: PlacesComparedProps): ReactElement {
  const { related } = useLedger();
  const preferences = useAppSelector(selectPreferences);
  const { hemisphere } = preferences;
  const today = isoDay(new Date(nowMs));
  const rows = places.map(({ name, year }) => {
    const forecast = keepingAt(basis, year, { nowMs, hemisphere });
    const last = forecast.months.at(-1);
    const { checkMonths } = forecast;
    const best = bestBeforeOf(file, { related, year, checkMonths, hemisphere });
    return [
      name,
      formatQuantity(year.meanC, 'temperature', preferences, 0),
      RISK_NAMES[forecast.worst],
      `${Math.round(100 * (last?.crystallisedShare ?? 0))} %`,
      formatDay(dayAfterMonths(today, checkMonths)),
      best
        ? storeWords.days({
            days: best.days,
            part: best.reason === 'heat' ? storeWords.byWarmth() : '',
          })
        : '',
    ];
  });
  return (
    <PlainTable
      label={storeWords.howItKeepsInEach()}
      head={[
        storeWords.place(),
        commonWords.mean(),
        storeWords.atWorstHeading(),
        storeWords.glucoseSetAfterMonths(),
        storeWords.checkAgainBy(),
        storeWords.bestBeforeProposed(),
      ]}
      rows={rows}
    />
  );
}
