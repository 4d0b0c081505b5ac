import { decisionOn } from '../conformity/conformity';
import type { LotReading, LotVessel } from '../moisture/vesselGroups';
import { lotEstimate, lotMoisture } from '../moisture/lotMoisture';
import { readingBudget, type ZeroCheck } from '../moisture/readingBudget';
import type { Spot } from '../moisture/sampleState';
import { SPREAD_PRIORS, pooledSpread, type LearnedSpreads, type Spread } from '../moisture/spreads';
import { normalDraws, seededRandom } from '../stats/seededRandom';

/** How the errors of a simulated lot really come about; standard deviations [% moisture]. */
export interface MoistureWorld {
  readonly name: string;
  readonly zeroCheck: ZeroCheck;
  readonly vessels: number;
  readonly tested: number;
  readonly replicates: number;
  /** as the form has it */
  readonly spot: Spot;
  /** what is really so; a spread with finite degrees of freedom is drawn from what that leaves open */
  readonly zero: number | Spread;
  readonly between: number | Spread;
  readonly reader: number | Spread;
  /** greatest difference between top and bottom of an unstirred tank, drawn at the gate; 0 stirred */
  readonly layers: number;
  /** all else is so many times worse than assumed */
  readonly worse: number;
  readonly repeatability?: Spread;
  readonly learned?: LearnedSpreads;
}

/** A standard deviation that a world draws for one lot. */
function drawnSpread(spread: number | Spread, draw: () => number): number {
  if (typeof spread === 'number') return spread;
  let sum = 0;
  for (let one = 0; one < spread.degreesOfFreedom; one += 1) sum += draw() ** 2;
  return spread.standardDeviation / Math.sqrt(sum / spread.degreesOfFreedom);
}

/** One simulated lot: its truth, and readings in the order in which they are taken. */
interface SimulatedLot {
  readonly truePercent: number;
  readonly vessels: readonly LotVessel[];
  readonly readings: readonly LotReading[];
}

/** Lots of a world, one after another; the same seed gives the same lots. */
export function lotsOf(world: MoistureWorld, seed: number, meanPercent = 18): () => SimulatedLot {
  const random = seededRandom(seed);
  const draw = normalDraws(random);
  const rectangle = (standard: number): number => standard * Math.sqrt(3) * (2 * random() - 1);
  const budget = readingBudget(
    { scale: 'water', dialValue: meanPercent, temperatureC: 22, atc: false },
    { resolution: 0.2, zeroCheck: world.zeroCheck },
  );
  return () => {
    const [zero, between, reader] = [world.zero, world.between, world.reader].map((spread) =>
      drawnSpread(spread, draw),
    ) as [number, number, number];
    const shared =
      zero * draw() +
      world.worse *
        (rectangle(budget.resolution) +
          rectangle(budget.temperature) +
          budget.relation * draw() +
          (budget.method ?? 0) * draw());
    const apart = Array.from({ length: world.vessels }, () => between * draw());
    const centre = apart.reduce((sum, value) => sum + value, 0) / world.vessels;
    const truths = apart.map((value) => meanPercent + value - centre);
    const vessels = truths.map((_, at) => ({ id: `v${at}`, massKg: 20 }));
    const spot = world.worse * SPREAD_PRIORS.spot.standardDeviation;
    const readings = truths.slice(0, world.tested).flatMap((truth, vessel) => {
      const off = world.layers > 0 ? -world.layers * random() * 0.5 : spot * draw();
      return Array.from({ length: world.replicates }, (_, at) => ({
        id: `${vessel}-${at}`,
        vesselId: `v${vessel}`,
        moisturePercent: truth + shared + off + reader * draw(),
        budget,
        spot: world.spot,
      }));
    });
    return { truePercent: meanPercent, vessels, readings };
  };
}

/** Share of a world's lots whose truth lies within the stated 95 %, and how wide that is [%]. */
export function coverageIn(
  world: MoistureWorld,
  lots: number,
  seed: number,
): { readonly covered: number; readonly halfWidth: number } {
  const next = lotsOf(world, seed);
  let [covered, width] = [0, 0];
  for (let one = 0; one < lots; one += 1) {
    const { truePercent, vessels, readings } = next();
    const { repeatability, learned } = world;
    const { meanPercent, uncertainty } = lotMoisture(readings, vessels, repeatability, learned);
    if (Math.abs(meanPercent - truePercent) <= uncertainty.expanded) covered += 1;
    width += uncertainty.expanded;
  }
  return { covered: covered / lots, halfWidth: width / lots };
}

/** Share of lots right over a limit that are accepted at any look, one after each reading. */
export function acceptedWatching(world: MoistureWorld, lots: number, seed: number): number {
  const limit = 18;
  const next = lotsOf(world, seed, limit);
  let accepted = 0;
  for (let one = 0; one < lots; one += 1) {
    const { vessels, readings } = next();
    for (let count = 1; count <= readings.length; count += 1) {
      const { repeatability, learned } = world;
      const seen = lotEstimate(readings.slice(0, count), vessels, repeatability, learned);
      if (decisionOn(seen, limit) !== 'conforms') continue;
      accepted += 1;
      break;
    }
  }
  return accepted / lots;
}

const RIGHT: MoistureWorld = {
  name: 'as assumed',
  zeroCheck: 'checked',
  vessels: 1,
  tested: 1,
  replicates: 2,
  spot: 'stirred',
  zero: { standardDeviation: 0.13, degreesOfFreedom: 4 },
  between: SPREAD_PRIORS.betweenVessels,
  reader: SPREAD_PRIORS.repeatability,
  layers: 0,
  worse: 1,
};
const UNCHECKED = { standardDeviation: 0.42, degreesOfFreedom: 3 };
const SEVERAL = { vessels: 5, tested: 1 };

/** A row of the table: a world, and what its coverage must be at least (and at most) [%]. */
export interface CoverageRow {
  readonly world: MoistureWorld;
  readonly wanted: readonly [number, number];
}

const wrong = (name: string, least: number, change: Partial<MoistureWorld>): CoverageRow => ({
  world: { ...RIGHT, ...change, name },
  wanted: [least, 100],
});
const right = (name: string, change: Partial<MoistureWorld> = {}): CoverageRow => ({
  world: { ...RIGHT, ...change, name },
  wanted: [94, 97],
});

/** Worlds in which all is as assumed, and worlds in which one assumption is wrong. */
export const COVERAGE_ROWS: readonly CoverageRow[] = [
  right('as assumed: checked meter, one stirred vessel, 2 readings'),
  right('as assumed: the same, 1 reading', { replicates: 1 }),
  right('as assumed: unchecked meter', { zeroCheck: 'unchecked', zero: UNCHECKED }),
  right('as assumed: one of five containers read', SEVERAL),
  right('as assumed: three of five containers read', { vessels: 5, tested: 3 }),
  wrong('unchecked meters are off by SD 0.5', 92, { zeroCheck: 'unchecked', zero: 0.5 }),
  wrong('unchecked meters are off by SD 0.8', 88, { zeroCheck: 'unchecked', zero: 0.8 }),
  wrong('containers differ by SD 0.6, one of five read', 92, { ...SEVERAL, between: 0.6 }),
  wrong('containers differ by SD 1.0, one of five read', 88, { ...SEVERAL, between: 1 }),
  wrong('the reader repeats to 0.25, 2 readings', 93, { reader: 0.25 }),
  wrong('the reader repeats to 0.25, 1 reading', 93, { reader: 0.25, replicates: 1 }),
  wrong('"checked" is really SD 0.2', 92, { zero: 0.2 }),
  wrong('unstirred tank, 0 to 1 points, drawn at the gate, said so', 92, {
    layers: 1,
    spot: 'gate',
  }),
  wrong('the same, where it was drawn left open', 92, { layers: 1, spot: 'not-said' }),
  wrong('everything 1.5 times worse, checked meter', 91, {
    zero: 0.195,
    between: 0.75,
    reader: 0.27,
    worse: 1.5,
  }),
  wrong('everything 1.5 times worse, unchecked, one of five', 91, {
    ...SEVERAL,
    zeroCheck: 'unchecked',
    zero: 0.675,
    between: 0.75,
    reader: 0.27,
    worse: 1.5,
  }),
];

/** Worlds of lots right at a limit, watched after each of twenty readings. */
export const WATCHED_WORLDS: readonly MoistureWorld[] = [
  { ...RIGHT, name: 'checked meter, one vessel', replicates: 20 },
  { ...RIGHT, name: 'steady errors (0.1, 0.15)', replicates: 20, zero: 0.1, reader: 0.15 },
  { ...RIGHT, name: 'twenty vessels, one reading each', vessels: 20, tested: 20, replicates: 1 },
  {
    ...RIGHT,
    name: 'unchecked meter, steady errors (0.3, 0.15)',
    zeroCheck: 'unchecked',
    replicates: 20,
    zero: 0.3,
    reader: 0.15,
  },
];

/** A keeper whom ten own lots of three buckets, two readings each, have taught. */
export const KEEPER: MoistureWorld = {
  ...RIGHT,
  name: 'a keeper with ten own lots',
  vessels: 3,
  tested: 3,
  repeatability: pooledSpread(SPREAD_PRIORS.repeatability, 30 * 0.15 ** 2, 30),
  learned: { betweenVessels: pooledSpread(SPREAD_PRIORS.betweenVessels, 20 * 0.3 ** 2, 20) },
};
