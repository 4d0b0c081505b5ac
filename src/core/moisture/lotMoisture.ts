import { normalEquivalent, type Estimate } from '../conformity/conformity';
import { watchedLevel } from '../conformity/watchedLevel';
import { DomainError, requireFinite, requireInRange } from '../errors';
import {
  believedUncertainty,
  posteriorDegreesOfFreedom,
  quadrature,
  type CombinedUncertainty,
} from '../stats/uncertainty';
import {
  componentsOf,
  vesselSpread,
  type Component,
  type ComponentBasis,
  type ComponentId,
} from './lotComponents';
import {
  groupByVessel,
  vesselWeights,
  type LotReading,
  type LotVessel,
  type VesselGroup,
} from './vesselGroups';
import type { ReadingBudget } from './readingBudget';
import type { Spot } from './sampleState';
import { SPREAD_PRIORS, squaredDeviations, type LearnedSpreads, type Spread } from './spreads';

/** One part of the uncertainty with its share of the variance. */
export interface LotComponent {
  readonly id: ComponentId;
  readonly standard: number;
  /** share of the combined variance [1] */
  readonly share: number;
}

/** What was measured, as a decision takes it. */
interface Decidable {
  readonly uncertainty: CombinedUncertainty;
  /** probability of conformity to ask for, since one looks after every reading [1] */
  readonly conformsFrom: number;
}

/** Moisture of one vessel from its own readings. */
export interface VesselMoisture extends Decidable {
  readonly vesselId: string | null;
  readonly meanPercent: number;
  readonly readings: number;
  /** highest minus lowest of its readings [%] */
  readonly spreadPercent: number;
  /** mean at each spot read [%] */
  readonly spots: readonly { readonly spot: Spot; readonly meanPercent: number }[];
}

/** Moisture of a lot from all its readings. */
export interface LotMoisture extends Decidable {
  readonly meanPercent: number;
  readonly components: readonly LotComponent[];
  readonly vessels: readonly VesselMoisture[];
  /** standard deviation of the means of the vessels read [%]; null below two */
  readonly betweenVessels: number | null;
  /** what a vessel that was not read may be off the mean by, beside what all readings share */
  readonly unread: UnreadDoubt;
}

/** Doubt of a vessel that was not read [% moisture, standard]. */
export interface UnreadDoubt {
  /** of the mean that stands for it: the same for all unread vessels of the lot */
  readonly shared: number;
  /** what each differs by itself */
  readonly own: number;
}

/** Parts that every further reading makes smaller. */
const SHRINKING: readonly ComponentId[] = ['repeatability', 'sample', 'between-vessels'];

const varianceOf = (components: readonly Component[]): number =>
  components.reduce((sum, component) => sum + component.standard ** 2, 0);

/**
 * Probability of conformity to ask of a mean of so many readings. One reading alone varies by its
 * number of times what their mean does; what it shares with the others is the rest.
 */
function levelOf(components: readonly Component[], readings: number): number {
  const shrinking = varianceOf(components.filter((component) => SHRINKING.includes(component.id)));
  const shared = varianceOf(components) - shrinking;
  return watchedLevel(Math.min(1, Math.max(0, shared / (shared + readings * shrinking))));
}

const decidable = (components: readonly Component[], readings: number): Decidable => ({
  uncertainty: believedUncertainty(components),
  conformsFrom: levelOf(components, readings),
});

/** What was measured, as an estimate to decide on. */
export const estimateOf = ({
  meanPercent,
  uncertainty,
  conformsFrom,
}: Decidable & { readonly meanPercent: number }): Estimate => {
  requireFinite({ meanPercent, uncertainty, conformsFrom }, 'estimateOf');
  return {
    mean: meanPercent,
    standardUncertainty: uncertainty.standard,
    degreesOfFreedom: uncertainty.degreesOfFreedom,
    conformsFrom,
  };
};

function vesselMoisture(group: VesselGroup, whole: ComponentBasis): VesselMoisture {
  const values = group.readings.map((reading) => reading.moisturePercent);
  const basis = { ...whole, groups: [group], weights: [1], vessels: [] };
  return {
    vesselId: group.vesselId,
    meanPercent: group.mean,
    readings: values.length,
    spreadPercent: Math.max(...values) - Math.min(...values),
    spots: group.spots.map(({ spot, mean }) => ({ spot, meanPercent: mean })),
    ...decidable(componentsOf(basis), values.length),
  };
}

function requireReadings(readings: readonly LotReading[], fn: string): void {
  if (readings.length > 0) return;
  throw new DomainError({ code: 'empty', fn, param: 'readings', value: 0, unit: '1' });
}

const weightedMean = (groups: readonly VesselGroup[], weights: readonly number[]): number =>
  groups.reduce((sum, group, at) => sum + (weights[at] ?? 0) * group.mean, 0);

/** How far the means of the vessels scatter, as they were measured. */
function spreadBetween(groups: readonly VesselGroup[]): number | null {
  if (groups.length < 2) return null;
  return Math.sqrt(squaredDeviations(groups.map((group) => group.mean)) / (groups.length - 1));
}

/** Parts of the uncertainty of the mean that are no fault of the meter. */
const OF_THE_SAMPLES: readonly ComponentId[] = ['repeatability', 'sample', 'spot'];

function unreadDoubt(basis: ComponentBasis, components: readonly Component[]): UnreadDoubt {
  // As wide as a normal has to be to stand for so few degrees of freedom.
  const spread = vesselSpread(basis.groups, basis.learned);
  const own = normalEquivalent({
    standardUncertainty: spread.standardDeviation,
    degreesOfFreedom: spread.degreesOfFreedom,
  });
  const samples = components.filter((component) => OF_THE_SAMPLES.includes(component.id));
  const read = own * quadrature(basis.weights);
  return { own, shared: quadrature([...samples.map((sample) => sample.standard), read]) };
}

/**
 * Mean moisture of a lot with its uncertainty, from one reading or many.
 *
 * Readings of one spot are averaged, spots of one vessel count alike, vessels are weighted by mass.
 * The reader's repeatability is pooled with `repeatability`, so that two readings do not ask for
 * k = 12.7. Resolution, temperature and calibration are common to all readings of one meter, the
 * relation and the method to all readings; they are never averaged away. What the untested vessels may differ by
 * enters as the between-vessels part.
 *
 * @param readings - at least one
 * @param vessels - all vessels of the lot, also the untested ones
 * @param repeatability - of the reader, from records other than these; assumed where not known
 * @param learned - spreads learned from own lots; assumed where not there
 * @returns mean [%], combined and expanded uncertainty, its parts, and the same for each vessel
 * @throws DomainError `empty` without a reading
 * @source JCGM 100:2008 (GUM), 5 and annex G, recalled from memory; spreads as in `SPREAD_PRIORS`
 */
export function lotMoisture(
  readings: readonly LotReading[],
  vessels: readonly LotVessel[],
  repeatability: Spread = SPREAD_PRIORS.repeatability,
  learned: LearnedSpreads = {},
): LotMoisture {
  requireFinite({ readings, vessels, repeatability, learned }, 'lotMoisture');
  requireReadings(readings, 'lotMoisture');
  const groups = groupByVessel(readings);
  const weights = vesselWeights(groups, vessels);
  const basis = { groups, weights, vessels, repeatability, learned };
  const components = componentsOf(basis);
  const { uncertainty, conformsFrom } = decidable(components, readings.length);
  return {
    meanPercent: weightedMean(groups, weights),
    uncertainty,
    conformsFrom,
    components: components.map(({ id, standard }) => ({
      id,
      standard,
      share: (standard / uncertainty.standard) ** 2,
    })),
    vessels: groups.map((group) => vesselMoisture(group, basis)),
    betweenVessels: spreadBetween(groups),
    unread: unreadDoubt(basis, components),
  };
}

/**
 * Mean, standard uncertainty and its degrees of freedom of a lot alone, for questions that ask it many times over.
 *
 * @throws DomainError `empty` without a reading
 * @source as `lotMoisture`
 */
export function lotEstimate(
  readings: readonly LotReading[],
  vessels: readonly LotVessel[],
  repeatability: Spread = SPREAD_PRIORS.repeatability,
  learned: LearnedSpreads = {},
): Estimate {
  requireReadings(readings, 'lotEstimate');
  const groups = groupByVessel(readings);
  const weights = vesselWeights(groups, vessels);
  const components = componentsOf({ groups, weights, vessels, repeatability, learned });
  // Asked many times over for one answer: what is unsound shows in the mean, or in the parts.
  const place = { fn: 'lotEstimate', param: 'readings', unit: '%' };
  return {
    mean: requireInRange(weightedMean(groups, weights), [-1e6, 1e6], place),
    standardUncertainty: quadrature(components.map((component) => component.standard)),
    degreesOfFreedom: posteriorDegreesOfFreedom(components),
    conformsFrom: levelOf(components, readings.length),
  };
}

/**
 * Uncertainty of one reading taken by itself, as drawn beside it.
 *
 * @param budget - of the reading
 * @param repeatability - of the reader; assumed where not known
 * @returns combined and expanded (95 %) uncertainty [% moisture]
 * @throws DomainError `out-of-range` for negative parts
 * @source JCGM 100:2008 (GUM), 5, recalled from memory; spreads as in `SPREAD_PRIORS`
 */
export function readingUncertainty(
  budget: ReadingBudget,
  repeatability: Spread = SPREAD_PRIORS.repeatability,
): CombinedUncertainty {
  const alone = {
    id: 'alone',
    vesselId: null,
    moisturePercent: 0,
    budget,
    spot: 'stirred' as const,
  };
  return lotMoisture([alone], [], repeatability).uncertainty;
}
