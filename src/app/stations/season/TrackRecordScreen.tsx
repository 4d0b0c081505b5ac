import type { ReactElement } from 'react';
import {
  FEW_FORECASTS,
  SPREAD_PRIORS,
  trackRecord,
  learnedBetweenVessels,
  updatedExpectation,
  priorExpectation,
  type TrackRecord,
} from '../../../core';
import { learnedZero, repeatabilityOf, type ExtractionFile, type Ledger } from '../../../model';
import { PlainTable } from '../../ui/PlainTable';
import { SheetSection } from '../../ui/page/SheetSection';
import { useTrackRecord, type TrackRecordRow } from './useTrackRecord';
import { useHoneyHouse, useLedger } from '../../data/useWorkspaceModel';
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
  return off.some((one) => one.came < one.stated)
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
        seasonWords.sure2(),
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

/** What own records have taught in place of guesses. */
function Learned({ ledger }: { ledger: Ledger }): ReactElement {
  const { replicates, scatters, meters, pastLots } = ledger;
  const readers = [...new Set(replicates.map((replicate) => replicate.reader))];
  const vessels = learnedBetweenVessels(scatters);
  const zero = learnedZero(meters);
  const combs = updatedExpectation(priorExpectation('not-said'), pastLots);
  const points = (value: number): string => seasonWords.points({ value: value.toFixed(2) });
  return (
    <SheetSection id="learned" title={seasonWords.whatYourRecordsHaveTaught()}>
      <PlainTable
        label={seasonWords.learnedInPlaceOfGuesses()}
        head={[commonWords.what(), seasonWords.guessed(), seasonWords.now(), commonWords.from()]}
        rows={[
          ...readers.map((reader) => {
            const own = repeatabilityOf(reader, replicates);
            const sets = replicates.filter(
              (replicate) => replicate.reader === reader && replicate.values.length > 1,
            );
            return [
              seasonWords.readingsByDifferBy({ reader }),
              points(SPREAD_PRIORS.repeatability.standardDeviation),
              points(own.standardDeviation),
              seasonWords.samples({ sets: sets.length }),
            ];
          }),
          [
            seasonWords.vesselsOfALotDiffer(),
            points(SPREAD_PRIORS.betweenVessels.standardDeviation),
            points(vessels.standardDeviation),
            seasonWords.lots({ from: vessels.from }),
          ],
          [
            seasonWords.uncheckedMetersAreOffBy(),
            points(learnedZero(new Map()).standardDeviation),
            points(zero.standardDeviation),
            seasonWords.meters({ from: zero.from }),
          ],
          [
            seasonWords.lotsDifferFromWhatTheir(),
            seasonWords.theUsual(),
            seasonWords.timesTheUsual({ scatterFactor: combs.scatterFactor.toFixed(1) }),
            seasonWords.lots2({ lots: combs.lots }),
          ],
        ]}
      />
      <p className="mt-1 text-base">{seasonWords.eachIsOneStandardDeviation()}</p>
    </SheetSection>
  );
}

function Found({ ledger, days }: { ledger: Ledger; days: readonly ExtractionFile[] }) {
  const { quick, slow } = useTrackRecord(ledger, days);
  return (
    <div className="mt-5 space-y-8">
      <SheetSection id="said" title={seasonWords.forecastAndOutcome()}>
        <Rows rows={[...quick, ...(Array.isArray(slow) ? (slow as TrackRecordRow[]) : [])]} />
        {slow === undefined && (
          <p role="status">{seasonWords.calculatingDryingAndExtractionDays()}</p>
        )}
        {typeof slow === 'string' && <p role="alert">{slow}</p>}
        <p className="mt-2 max-w-3xl text-base">
          {seasonWords.ofTheForecastsThatWere({ fewForecasts: FEW_FORECASTS })}
        </p>
      </SheetSection>
      <Learned ledger={ledger} />
    </div>
  );
}

/** How well it was forecast, from the keeper's own records. */
export function TrackRecordScreen(): ReactElement {
  const ledger = useLedger();
  const house = useHoneyHouse();
  return (
    <>
      <p className="pt-5 text-base font-semibold">{commonWords.season()}</p>
      <h1 className="text-4xl font-bold">{seasonWords.howGoodTheForecastsWere()}</h1>
      <Found ledger={ledger} days={house.days} />
    </>
  );
}
