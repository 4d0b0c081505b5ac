import { DomainError } from '../errors';
import { combineUncertainty, type CombinedUncertainty } from '../stats/uncertainty';
import type { ReadingBudget } from './readingBudget';

/** One corrected reading with its budget. */
export interface LotReading {
  readonly id: string;
  /** the vessel it was taken from, null where it stands for the lot as a whole */
  readonly vesselId: string | null;
  readonly moisturePercent: number;
  readonly budget: ReadingBudget;
}

/** What the estimate needs to know of the vessels. */
export interface LotVessel {
  readonly id: string;
  /** [kg], null where not known */
  readonly massKg: number | null;
}

/**
 * Spreads assumed until own records replace them [% moisture], with the degrees of freedom with
 * which they are pooled.
 *
 * @source common practice, no source
 */
export const SPREAD_PRIORS = {
  repeatability: { standardDeviation: 0.15, degreesOfFreedom: 10 },
  betweenVessels: { standardDeviation: 0.3, degreesOfFreedom: 5 },
  /** from one spot of a stirred vessel to the next */
  spot: 0.1,
} as const;

/** Names of the parts of a lot's uncertainty, in the order in which they are shown. */
export const COMPONENT_IDS = [
  'repeatability',
  'resolution',
  'temperature',
  'calibration',
  'relation',
  'spot',
  'between-vessels',
] as const;
export type ComponentId = (typeof COMPONENT_IDS)[number];

/** One part of the uncertainty with its share of the variance. */
export interface LotComponent {
  readonly id: ComponentId;
  readonly standard: number;
  /** share of the combined variance [1] */
  readonly share: number;
}

/** Moisture of one vessel from its own readings. */
export interface VesselMoisture {
  readonly vesselId: string | null;
  readonly meanPercent: number;
  readonly readings: number;
  /** highest minus lowest of its readings [%] */
  readonly spreadPercent: number;
  readonly uncertainty: CombinedUncertainty;
}

/** Moisture of a lot from all its readings. */
export interface LotMoisture {
  readonly meanPercent: number;
  readonly uncertainty: CombinedUncertainty;
  readonly components: readonly LotComponent[];
  readonly vessels: readonly VesselMoisture[];
}

interface Group {
  readonly vesselId: string | null;
  readonly readings: readonly LotReading[];
  readonly mean: number;
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

const squaredDeviations = (values: readonly number[]): number => {
  const centre = mean(values);
  return values.reduce((sum, one) => sum + (one - centre) ** 2, 0);
};

function groupByVessel(readings: readonly LotReading[]): Group[] {
  const byVessel = new Map<string | null, LotReading[]>();
  for (const reading of readings) {
    byVessel.set(reading.vesselId, [...(byVessel.get(reading.vesselId) ?? []), reading]);
  }
  return [...byVessel].map(([vesselId, own]) => ({
    vesselId,
    readings: own,
    mean: mean(own.map((one) => one.moisturePercent)),
  }));
}

interface Pooled {
  readonly standardDeviation: number;
  readonly degreesOfFreedom: number;
}

function pool(prior: Pooled, sumOfSquares: number, degreesOfFreedom: number): Pooled {
  const dof = prior.degreesOfFreedom + degreesOfFreedom;
  const variance = (prior.degreesOfFreedom * prior.standardDeviation ** 2 + sumOfSquares) / dof;
  return { standardDeviation: Math.sqrt(variance), degreesOfFreedom: dof };
}

function repeatabilityOf(groups: readonly Group[]): Pooled {
  const squares = groups.map((one) =>
    squaredDeviations(one.readings.map((r) => r.moisturePercent)),
  );
  const dof = groups.reduce((sum, one) => sum + one.readings.length - 1, 0);
  return pool(
    SPREAD_PRIORS.repeatability,
    squares.reduce((sum, one) => sum + one, 0),
    dof,
  );
}

/** Shares by mass where every tested vessel's mass is known, else equal shares. */
function weightsOf(groups: readonly Group[], vessels: readonly LotVessel[]): number[] {
  const masses = groups.map(
    (group) => vessels.find((vessel) => vessel.id === group.vesselId)?.massKg ?? null,
  );
  const known = masses.every((one): one is number => one !== null && one > 0);
  if (!known) return groups.map(() => 1 / groups.length);
  const total = masses.reduce((sum, one) => sum + one, 0);
  return masses.map((one) => one / total);
}

/** Fully shared errors add up linearly over the groups; they do not shrink by averaging. */
function shared(groups: readonly Group[], weights: readonly number[], part: keyof ReadingBudget) {
  return groups.reduce(
    (sum, group, at) =>
      sum + (weights[at] ?? 0) * mean(group.readings.map((one) => one.budget[part])),
    0,
  );
}

function betweenVessels(groups: readonly Group[], weights: readonly number[], count: number) {
  const tested = groups.filter((one) => one.vesselId !== null).length;
  const untestedShare = count > 1 ? 1 - Math.min(tested, count) / count : 0;
  const spread = pool(
    SPREAD_PRIORS.betweenVessels,
    squaredDeviations(groups.map((one) => one.mean)),
    groups.length - 1,
  );
  const sumOfSquaredWeights = weights.reduce((sum, one) => sum + one ** 2, 0);
  const standard = spread.standardDeviation * Math.sqrt(sumOfSquaredWeights * untestedShare);
  return { id: 'between-vessels' as const, standard, degreesOfFreedom: spread.degreesOfFreedom };
}

function componentsOf(groups: readonly Group[], weights: readonly number[], vesselCount: number) {
  const repeatability = repeatabilityOf(groups);
  const random = Math.sqrt(
    groups.reduce((sum, one, at) => sum + (weights[at] ?? 0) ** 2 / one.readings.length, 0),
  );
  const spots = Math.sqrt(weights.reduce((sum, one) => sum + one ** 2, 0));
  const systematic = (['resolution', 'temperature', 'calibration', 'relation'] as const).map(
    (id) => ({ id, standard: shared(groups, weights, id), degreesOfFreedom: Infinity }),
  );
  return [
    {
      id: 'repeatability' as const,
      standard: repeatability.standardDeviation * random,
      degreesOfFreedom: repeatability.degreesOfFreedom,
    },
    ...systematic,
    { id: 'spot' as const, standard: SPREAD_PRIORS.spot * spots, degreesOfFreedom: Infinity },
    betweenVessels(groups, weights, vesselCount),
  ];
}

/**
 * Mean moisture of a lot with its uncertainty, from one reading or many.
 *
 * Readings of one vessel are averaged, vessels are weighted by mass. The reader's repeatability is
 * pooled with an assumed one, so that two readings do not ask for k = 12.7. Resolution,
 * temperature, calibration and the relation are common to all readings and never averaged away.
 * What the untested vessels may differ by enters as the between-vessels part.
 *
 * @param readings - at least one
 * @param vessels - all vessels of the lot, also the untested ones
 * @returns mean [%], combined and expanded uncertainty, its parts, and the same for each vessel
 * @throws DomainError `empty` without a reading
 * @source JCGM 100:2008 (GUM), 5 and annex G, recalled from memory; spreads as in `SPREAD_PRIORS`
 */
export function lotMoisture(
  readings: readonly LotReading[],
  vessels: readonly LotVessel[],
): LotMoisture {
  if (readings.length === 0) {
    const place = { fn: 'lotMoisture', param: 'readings', value: 0, unit: '1' };
    throw new DomainError({ code: 'empty', ...place });
  }
  const groups = groupByVessel(readings);
  const weights = weightsOf(groups, vessels);
  const components = componentsOf(groups, weights, vessels.length);
  const uncertainty = combineUncertainty(components);
  return {
    meanPercent: groups.reduce((sum, one, at) => sum + (weights[at] ?? 0) * one.mean, 0),
    uncertainty,
    components: components.map(({ id, standard }) => ({
      id,
      standard,
      share: (standard / uncertainty.standard) ** 2,
    })),
    vessels: groups.map((one) => vesselMoisture(one)),
  };
}

function vesselMoisture(group: Group): VesselMoisture {
  const values = group.readings.map((one) => one.moisturePercent);
  return {
    vesselId: group.vesselId,
    meanPercent: group.mean,
    readings: values.length,
    spreadPercent: Math.max(...values) - Math.min(...values),
    uncertainty: combineUncertainty(componentsOf([group], [1], 1)),
  };
}

/**
 * Uncertainty of one reading taken by itself, as drawn beside it.
 *
 * @param budget - of the reading
 * @returns combined and expanded (95 %) uncertainty [% moisture]
 * @throws DomainError `out-of-range` for negative parts
 * @source JCGM 100:2008 (GUM), 5, recalled from memory; spreads as in `SPREAD_PRIORS`
 */
export function readingUncertainty(budget: ReadingBudget): CombinedUncertainty {
  const alone = { id: 'alone', vesselId: null, moisturePercent: 0, budget };
  return lotMoisture([alone], []).uncertainty;
}
