import { FEW_FORECASTS, trackRecord, type TrackRecord } from '../../../core';
import { PageHead } from '../../ui/page/PageHead';
import { SheetSection } from '../../ui/page/SheetSection';
import { LearnedSection } from './parts/LearnedSection';
import type { useTrackRecord, TrackRecordRow } from './useTrackRecord';
import type { ReactElement } from 'react';
import { PlainTable } from '../../ui/PlainTable';
import { commonWords } from '../../words/english/common';
import { seasonWords } from '../../words/english/season';

/** "4 of 5", the share of the forecasts that held. */
const cameWords = (came: number, count: number): string =>
  seasonWords.ofCameCount({ came: Math.round(came * count), count });

/** What to make of a row, one sentence. */
export function verdictWords({ isTooFew, levels, meanPlace, count }: TrackRecord): string {
  if (isTooFew) return seasonWords.onlySoFarTooFew({ count });
  const off = levels.filter((level) => !level.agrees);
  const side =
    Math.abs(meanPlace - 0.5) > 0.5 / Math.sqrt(count)
      ? meanPlace < 0.5
        ? seasonWords.mostlyLowerThanForecast()
        : seasonWords.mostlyHigherThanForecast()
      : '';
  if (off.length === 0) return seasonWords.asGoodAsItSays({ side });
  return off.some((heldLevel) => heldLevel.came < heldLevel.stated)
    ? seasonWords.tooSureOfItself({ side })
    : seasonWords.moreCarefulThanItNeed({ side });
}

function Rows({ rows }: { rows: readonly TrackRecordRow[] }): ReactElement {
  const compared = rows.map((row) => ({ ...row, found: trackRecord(row.places) }));
  return (
    <PlainTable
      label={seasonWords.forecastsAndHowOftenThey()}
      head={[
        seasonWords.forecast(),
        seasonWords.sure(),
        seasonWords.sureHeading(),
        seasonWords.sure3(),
        seasonWords.verdict(),
      ]}
      rows={compared.map(({ name, found }) =>
        found
          ? [
              name,
              ...found.levels.map((level) => cameWords(level.came, found.count)),
              verdictWords(found),
            ]
          : [name, '–', '–', '–', seasonWords.nothingToCompareYet()],
      )}
    />
  );
}

/** How well it was forecast, from the keeper's own records. */
export function TrackRecordView(props: ReturnType<typeof useTrackRecord>): ReactElement {
  const { ledger, quick, slow } = props;
  return (
    <>
      <PageHead over={commonWords.season()} title={seasonWords.howGoodTheForecastsWere()} />
      <div className="mt-5 space-y-8">
        <SheetSection id="said" title={seasonWords.forecastAndOutcome()}>
          <Rows rows={slow.status === 'ready' ? [...quick, ...slow.rows] : quick} />
          {slow.status === 'waiting' && (
            <p role="status">{seasonWords.calculatingDryingAndExtractionDays()}</p>
          )}
          {slow.status === 'failed' && (
            <p role="alert">{seasonWords.dryingAndExtractionDaysCould()}</p>
          )}
          <p className="mt-2 max-w-3xl text-base">
            {seasonWords.ofTheForecastsThatWere({ fewForecasts: FEW_FORECASTS })}
          </p>
        </SheetSection>
        <LearnedSection ledger={ledger} />
      </div>
    </>
  );
}
