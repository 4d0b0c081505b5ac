import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import type { useYearsController } from './useYearsController';
import { type ReactElement } from 'react';
import { eyeBias, groupYields, meanBias, type SeasonReport } from '../../../model';
import { formatDay } from '../../format/dates';
import { PlainTable } from '../../ui/PlainTable';
import { SheetSection } from '../../ui/page/SheetSection';
import { BiasChart } from './parts/BiasChart';
import { NotesSection } from './parts/NotesSection';
import { commonWords } from '../../words/english/common';
import { seasonWords } from '../../words/english/season';
import { useMass, LotTable } from './parts/LotTable';

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
            className="grid grid-cols-[1fr_auto] items-center gap-x-3 text-lg sm:grid-cols-[11rem_1fr_6rem]"
          >
            <span className="col-span-2 leading-tight sm:col-span-1">
              {bar.name || commonWords.notWrittenDown()}
            </span>
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
    const model = meanBias(report.bias.filter((biasLine) => biasLine.year === year));
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
export function YearsView(props: ReturnType<typeof useYearsController>): ReactElement {
  const { report, year, years, pick } = props;
  return (
    <>
      <PageHead over={commonWords.season()} title={seasonWords.theYear({ year })}>
        <label className="flex items-center gap-3 text-lg">
          {seasonWords.anotherYear()}
          <select
            className="min-h-11 max-w-full border-2 border-ink bg-paper px-3 text-lg"
            value={year}
            onChange={(event) => pick(Number(event.target.value))}
          >
            {years.map((other) => (
              <option key={other} value={other}>
                {other}
              </option>
            ))}
          </select>
        </label>
      </PageHead>
      <div className="mt-5 space-y-8">
        <LotTable report={report} year={year} />
        <Columns>
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
        </Columns>
      </div>
    </>
  );
}
