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
import { learnedZero, repeatabilityOf, type ExtractionFile, type Workshop } from '../../../records';
import { useHoneyHouse } from '../../data/useHoneyHouse';
import { useWorkshop } from '../../data/useWorkshop';
import { counted } from '../../format/counted';
import { PlainTable } from '../../ui/PlainTable';
import { SheetSection } from '../../ui/SheetSection';
import { Waiting } from '../../ui/Waiting';
import { useForetold, type ForetoldRow } from './useForetold';

/** "4 of 5", the share of the forecasts that held. */
const cameWords = (came: number, count: number): string =>
  `${Math.round(came * count)} of ${count}`;

/** What to make of a row, one sentence. */
export function verdictWords({ isFew, levels, meanPlace, count }: Foretold): string {
  if (isFew) return `Only ${counted(count, 'time')}: too few to say.`;
  const off = levels.filter((one) => !one.agrees);
  const side =
    Math.abs(meanPlace - 0.5) > 0.5 / Math.sqrt(count)
      ? meanPlace < 0.5
        ? ' Mostly lower than said.'
        : ' Mostly higher than said.'
      : '';
  if (off.length === 0) return `As said.${side}`;
  return off.some((one) => one.came < one.stated)
    ? `Surer than it should be.${side}`
    : `More careful than it need be.${side}`;
}

function Rows({ rows }: { rows: readonly ForetoldRow[] }): ReactElement {
  const told = rows.map((one) => ({ ...one, found: foretold(one.places) }));
  return (
    <PlainTable
      label="What was said, and how often it came"
      head={['What was foretold', 'Said with 50 in 100', 'with 80', 'with 95', '']}
      rows={told.map(({ name, found }) =>
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
              `Readings of ${reader} differ by`,
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
            'Lots scatter about what their comb says',
            'as is usual',
            `${combs.scatterFactor.toFixed(1)} times as much`,
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
      <SheetSection id="said" title="Said and found">
        <Rows rows={[...quick, ...(Array.isArray(slow) ? (slow as ForetoldRow[]) : [])]} />
        {slow === undefined && <p role="status">Calculating rooms and days …</p>}
        {typeof slow === 'string' && <p role="alert">{slow}</p>}
        <p className="mt-2 max-w-3xl text-base">
          Of what is said with 80 in 100, about 8 in 10 should come. Fewer than {FEW_FORECASTS}{' '}
          times says little. Each forecast is made again from what was written down before it.
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
  if (!workshop?.around || !house) return <Waiting />;
  return (
    <>
      <p className="pt-5 text-base font-semibold">Season</p>
      <h1 className="text-4xl font-bold">How well it was foretold</h1>
      <Found workshop={workshop} days={house.days} />
    </>
  );
}
