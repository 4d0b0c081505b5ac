import type { ReactElement } from 'react';
import {
  FEW_FORECASTS,
  SPREAD_PRIORS,
  foretold,
  learnedBetweenVessels,
  updatedExpectation,
  priorExpectation,
  type Foretold,
} from '../../../core';
import { learnedZero, repeatabilityOf, type ExtractionFile, type Workshop } from '../../../model';
import { counted } from '../../format/counted';
import { PlainTable } from '../../ui/PlainTable';
import { SheetSection } from '../../ui/page/SheetSection';
import { useForetold, type ForetoldRow } from './useForetold';
import { useHoneyHouse, useWorkshop } from '../../data/useWorkspaceModel';

/** "4 of 5", the share of the forecasts that held. */
const cameWords = (came: number, count: number): string =>
  `${Math.round(came * count)} of ${count}`;

/** What to make of a row, one sentence. */
export function verdictWords({ isFew, levels, meanPlace, count }: Foretold): string {
  if (isFew) return `Only ${count} so far: too few to say.`;
  const off = levels.filter((one) => !one.agrees);
  const side =
    Math.abs(meanPlace - 0.5) > 0.5 / Math.sqrt(count)
      ? meanPlace < 0.5
        ? ' Mostly lower than forecast.'
        : ' Mostly higher than forecast.'
      : '';
  if (off.length === 0) return `As good as it says.${side}`;
  return off.some((one) => one.came < one.stated)
    ? `Too sure of itself.${side}`
    : `More careful than it need be.${side}`;
}

function Rows({ rows }: { rows: readonly ForetoldRow[] }): ReactElement {
  const compared = rows.map((one) => ({ ...one, found: foretold(one.places) }));
  return (
    <PlainTable
      label="Forecasts, and how often they came true"
      head={['Forecast', '50 % sure', '80 % sure', '95 % sure', 'Verdict']}
      rows={compared.map(({ name, found }) =>
        found
          ? [
              name,
              ...found.levels.map((one) => cameWords(one.came, found.count)),
              verdictWords(found),
            ]
          : [name, '–', '–', '–', 'Nothing to compare yet.'],
      )}
    />
  );
}

/** What own records have taught in place of guesses. */
function Learned({ workshop }: { workshop: Workshop }): ReactElement {
  const { replicates, scatters, meters, pastLots } = workshop;
  const readers = [...new Set(replicates.map((one) => one.reader))];
  const vessels = learnedBetweenVessels(scatters);
  const zero = learnedZero(meters);
  const combs = updatedExpectation(priorExpectation('not-said'), pastLots);
  const points = (value: number): string => `${value.toFixed(2)} points`;
  return (
    <SheetSection id="learned" title="What your records have taught">
      <PlainTable
        label="Learned in place of guesses"
        head={['What', 'Guessed', 'Now', 'From']}
        rows={[
          ...readers.map((reader) => {
            const own = repeatabilityOf(reader, replicates);
            const sets = replicates.filter((one) => one.reader === reader && one.values.length > 1);
            return [
              `Readings by ${reader} differ by`,
              points(SPREAD_PRIORS.repeatability.standardDeviation),
              points(own.standardDeviation),
              counted(sets.length, 'sample'),
            ];
          }),
          [
            'Vessels of a lot differ by',
            points(SPREAD_PRIORS.betweenVessels.standardDeviation),
            points(vessels.standardDeviation),
            counted(vessels.from, 'lot'),
          ],
          [
            'Unchecked meters are off by',
            points(learnedZero(new Map()).standardDeviation),
            points(zero.standardDeviation),
            counted(zero.from, 'meter'),
          ],
          [
            'Lots differ from what their comb suggests',
            'the usual',
            `${combs.scatterFactor.toFixed(1)} times the usual`,
            counted(combs.lots, 'lot'),
          ],
        ]}
      />
      <p className="mt-1 text-base">
        Each is one standard deviation. The guess stays in it and counts for less with every record.
      </p>
    </SheetSection>
  );
}

function Found({ workshop, days }: { workshop: Workshop; days: readonly ExtractionFile[] }) {
  const { quick, slow } = useForetold(workshop, days);
  return (
    <div className="mt-5 space-y-8">
      <SheetSection id="said" title="Forecast and outcome">
        <Rows rows={[...quick, ...(Array.isArray(slow) ? (slow as ForetoldRow[]) : [])]} />
        {slow === undefined && <p role="status">Calculating drying and extraction days …</p>}
        {typeof slow === 'string' && <p role="alert">{slow}</p>}
        <p className="mt-2 max-w-3xl text-base">
          Of the forecasts that were 80 % sure, about 8 in 10 should come true. Fewer than{' '}
          {FEW_FORECASTS} say little. Each forecast is made again from what was written down before
          it.
        </p>
      </SheetSection>
      <Learned workshop={workshop} />
    </div>
  );
}

/** How well it was foretold, from the keeper's own records. */
export function ForetoldScreen(): ReactElement {
  const workshop = useWorkshop();
  const house = useHoneyHouse();
  return (
    <>
      <p className="pt-5 text-base font-semibold">Season</p>
      <h1 className="text-4xl font-bold">How good the forecasts were</h1>
      <Found workshop={workshop} days={house.days} />
    </>
  );
}
