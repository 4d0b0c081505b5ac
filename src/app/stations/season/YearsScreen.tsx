import { useMemo, useState, type ReactElement } from 'react';
import { expectedMixture, priorExpectation } from '../../../core';
import { eyeBias, groupYields, meanBias, seasonReport, type SeasonReport } from '../../../model';
import { selectPreferences, useAppSelector } from '../../../store';
import { formatDay } from '../../format/dates';
import { OUTCOME_NAMES } from '../../format/moisture';
import { formatQuantity } from '../../format/units';
import { PlainTable } from '../../ui/PlainTable';
import { SheetSection } from '../../ui/page/SheetSection';
import { BiasChart } from './parts/BiasChart';
import { NotesSection } from './parts/NotesSection';
import { useCurrent, useRuledLots, useLedger } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { seasonWords } from '../../words/english/season';
import { colourName } from '../../format/colour';
import { tastesWords } from '../../words/english/tastes';

function useReport(): SeasonReport {
  const ledger = useLedger();
  const lots = useRuledLots().ruled;
  const guesses = useCurrent('guess');
  return useMemo(() => {
    const prior = priorExpectation();
    const pastLots = ledger.pastLots.map((pastLot) => ({
      ...pastLot,
      expectedPercent: expectedMixture(pastLot.shares, prior).mean,
    }));
    const { book, poured } = ledger.related;
    const blended = new Set(poured.map((one) => one.intoLotId).filter((one) => one !== null));
    return seasonReport(lots, { book, guesses, pastLots, blended });
  }, [ledger, lots, guesses]);
}

const useMass = (): ((kg: number | null) => string) => {
  const preferences = useAppSelector(selectPreferences);
  return (kg) =>
    kg === null ? '–' : formatQuantity(kg, 'mass', preferences).replace(' ', '\u00a0');
};

function LotTable({ report, year }: { report: SeasonReport; year: number }): ReactElement {
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
          commonWords.lot2(),
          commonWords.found(),
          commonWords.water(),
          seasonWords.ruling(),
          commonWords.frames2(),
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

interface Bar {
  readonly name: string;
  readonly kg: number;
}

/** Kg as bars; the number stands beside each, so that its length says nothing alone. */
function Bars({
  id,
  title,
  bars,
}: {
  id: string;
  title: string;
  bars: readonly Bar[];
}): ReactElement | null {
  const mass = useMass();
  if (bars.length === 0) return null;
  const most = Math.max(...bars.map((bar) => bar.kg), 0.001);
  return (
    <SheetSection id={id} title={title}>
      <ul className="space-y-1">
        {bars.map((bar) => (
          <li
            key={bar.name}
            className="grid grid-cols-[8rem_1fr_6rem] items-center gap-3 text-lg sm:grid-cols-[11rem_1fr_6rem]"
          >
            <span className="leading-tight">{bar.name || commonWords.notWrittenDown()}</span>
            <span
              aria-hidden
              className="h-5 bg-lavender"
              style={{ width: `${(100 * bar.kg) / most}%` }}
            />
            <strong className="text-right">{mass(bar.kg)}</strong>
          </li>
        ))}
      </ul>
    </SheetSection>
  );
}

function Guesses({ report, year }: { report: SeasonReport; year: number }): ReactElement | null {
  const mass = useMass();
  const guesses = report.guesses.filter((guess) => guess.year === year);
  if (guesses.length === 0) return null;
  return (
    <SheetSection id="guesses" title={seasonWords.guessesBeforeTheWeighIn()}>
      <PlainTable
        label={seasonWords.guesses()}
        head={[
          commonWords.day(),
          seasonWords.who(),
          seasonWords.guessed(),
          commonWords.found(),
          seasonWords.offBy(),
        ]}
        rows={guesses.map((guess) => [
          formatDay(guess.day),
          guess.who,
          mass(guess.kg),
          mass(guess.foundKg),
          guess.foundKg === null ? '–' : mass(Math.abs(guess.kg - guess.foundKg)),
        ])}
      />
    </SheetSection>
  );
}

/** How far the eye and the model were off, year by year. */
function Bias({ report }: { report: SeasonReport }): ReactElement {
  const signed = (value: number, digits: number): string =>
    `${value >= 0 ? '+' : '−'}${Math.abs(value).toFixed(digits)}`;
  const byYear = report.years.map((year) => {
    const eye = eyeBias(report, year);
    const model = meanBias(report.bias.filter((one) => one.year === year));
    return [
      String(year),
      eye ? seasonWords.ofLots({ share: signed(100 * eye.share, 0), lots: eye.lots }) : '–',
      model ? seasonWords.pointsLots({ percent: signed(model.percent, 1), lots: model.lots }) : '–',
    ];
  });
  return (
    <SheetSection id="bias" title={seasonWords.howFarOffEyeAnd()}>
      <PlainTable
        label={seasonWords.biasByYear()}
        head={[
          seasonWords.year(),
          seasonWords.eyeHoneyJudgedInThe(),
          seasonWords.modelWaterExpectedFromThe(),
        ]}
        rows={byYear}
      />
      <p className="mt-1 text-base">{seasonWords.plusMeansTooMuchMore()}</p>
      {report.bias.length > 0 && <BiasChart bias={report.bias} />}
    </SheetSection>
  );
}

/** Years beside one another: lots, hives, guesses, bias, and what to do differently. */
export function YearsScreen(): ReactElement {
  const report = useReport();
  const [picked, setPicked] = useState<number | null>(null);
  const year = picked ?? report.years[0] ?? new Date().getFullYear();
  return (
    <>
      <p className="pt-5 text-base font-semibold">{commonWords.season()}</p>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1 className="text-4xl font-bold">{seasonWords.theYear({ year })}</h1>
        <label className="flex items-center gap-3 text-lg">
          {seasonWords.anotherYear()}
          <select
            className="min-h-11 border-2 border-ink bg-paper px-3 text-lg"
            value={year}
            onChange={(event) => setPicked(Number(event.target.value))}
          >
            {(report.years.length > 0 ? report.years : [year]).map((one) => (
              <option key={one} value={one}>
                {one}
              </option>
            ))}
          </select>
        </label>
      </div>
      <div className="mt-5 space-y-8">
        <LotTable report={report} year={year} />
        <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-2">
          <Bars
            id="by-flow"
            title={seasonWords.byFlow()}
            bars={groupYields(report, year, 'flow')}
          />
          <Bars
            id="by-yard"
            title={seasonWords.byYard()}
            bars={groupYields(report, year, 'yard')}
          />
          <Bars
            id="by-hive"
            title={seasonWords.byHive()}
            bars={report.hives
              .filter((hive) => hive.year === year)
              .map((hive) => ({ name: hive.hive, kg: hive.kg }))}
          />
          <NotesSection year={year} />
          <Guesses report={report} year={year} />
          <Bias report={report} />
        </div>
      </div>
    </>
  );
}
