import type { LotReading } from '../moisture/lotComponents';
import { lotMoisture } from '../moisture/lotMoisture';
import { readingBudget, type MeterCondition } from '../moisture/readingBudget';
import { SPREAD_PRIORS, type Spread } from '../moisture/spreads';
import { normalDraws, seededRandom } from '../stats/seededRandom';

/** Replicates of one stirred vessel that the table covers. */
export const REPLICATES = [2, 3, 5, 10] as const;

/** A made-up world in which the errors of a reading are drawn as its budget says. */
export interface CoverageWorld {
  readonly name: string;
  readonly meter: MeterCondition;
  /** the reader's repeatability: assumed of anybody, or from 20 degrees of freedom of their own */
  readonly reader: 'pooled' | 'own';
  /** the dial is really rounded to its divisions, all others drawn */
  readonly rounded: boolean;
  /** a part of the budget is larger than it need be, so that more than 95 % are covered */
  readonly coarse: string;
}

const usual: MeterCondition = { resolution: 0.2, zeroCheck: 'checked' };
const OWN_SPREAD = 0.08;
const OWN_DOF = 20;

export const COVERAGE_WORLDS: readonly CoverageWorld[] = [
  { name: 'usual meter', meter: usual, reader: 'pooled', rounded: false, coarse: '' },
  { name: 'usual meter', meter: usual, reader: 'own', rounded: false, coarse: '' },
  {
    name: 'bias-dominated (unchecked meter)',
    meter: { resolution: 0.1, zeroCheck: 'unchecked' },
    reader: 'pooled',
    rounded: false,
    coarse: '',
  },
  {
    name: 'bias-dominated (unchecked meter)',
    meter: { resolution: 0.1, zeroCheck: 'unchecked' },
    reader: 'own',
    rounded: false,
    coarse: '',
  },
  {
    name: 'resolution-dominated (1 % divisions)',
    meter: { resolution: 1, zeroCheck: 'checked' },
    reader: 'pooled',
    rounded: true,
    coarse: 'a whole division as one rectangle, and replicates that do not average it',
  },
  {
    name: 'resolution-dominated (1 % divisions)',
    meter: { resolution: 1, zeroCheck: 'checked' },
    reader: 'own',
    rounded: true,
    coarse: 'a whole division as one rectangle, and replicates that do not average it',
  },
];

/** A chi-square draw divided by its degrees of freedom. */
function chiSquareShare(draw: () => number, dof: number): number {
  let sum = 0;
  for (let one = 0; one < dof; one += 1) sum += draw() ** 2;
  return sum / dof;
}

/** What this world's reader scatters by, and what is thought of it. */
function readerOf(world: CoverageWorld, draw: () => number): { sigma: number; thought: Spread } {
  if (world.reader === 'own') {
    const found = OWN_SPREAD * Math.sqrt(chiSquareShare(draw, OWN_DOF));
    return {
      sigma: OWN_SPREAD,
      thought: { standardDeviation: found, degreesOfFreedom: OWN_DOF },
    };
  }
  const { standardDeviation, degreesOfFreedom } = SPREAD_PRIORS.repeatability;
  const sigma = standardDeviation / Math.sqrt(chiSquareShare(draw, degreesOfFreedom));
  return { sigma, thought: SPREAD_PRIORS.repeatability };
}

/**
 * Share of simulated vessels whose true moisture lies within the stated 95 % interval.
 *
 * Resolution and temperature are drawn as rectangles, calibration, relation, spot and reader as
 * normal; what is common to the replicates is drawn once.
 */
export function simulatedCoverage(
  world: CoverageWorld,
  replicates: number,
  draws: number,
  seed: number,
): number {
  const random = seededRandom(seed);
  const draw = normalDraws(random);
  const budget = readingBudget(
    { scale: 'water', dialValue: 18, temperatureC: 22, atc: false },
    world.meter,
  );
  const rectangle = (standard: number): number => standard * Math.sqrt(3) * (2 * random() - 1);
  const { resolution } = world.meter;
  let covered = 0;
  for (let one = 0; one < draws; one += 1) {
    const { sigma, thought } = readerOf(world, draw);
    const truth = 17.5 + random();
    const shared =
      rectangle(budget.temperature) +
      budget.calibration * draw() +
      budget.relation * draw() +
      SPREAD_PRIORS.spot * draw() +
      (world.rounded ? 0 : rectangle(budget.resolution));
    const readings = Array.from({ length: replicates }, (_, at): LotReading => {
      const seen = truth + shared + sigma * draw();
      const moisturePercent = world.rounded ? Math.round(seen / resolution) * resolution : seen;
      return { id: String(at), vesselId: null, moisturePercent, budget };
    });
    const { meanPercent, uncertainty } = lotMoisture(readings, [], thought);
    if (Math.abs(meanPercent - truth) <= uncertainty.expanded) covered += 1;
  }
  return covered / draws;
}
