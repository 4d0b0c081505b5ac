import { groupBy } from '../lists/groupBy';
import {
  posteriorDegreesOfFreedom,
  quadrature,
  rectangularUncertainty,
  type UncertaintyComponent,
} from '../stats/uncertainty';
import { METHOD_DOF, type BudgetPart, type ReadingBudget } from './readingBudget';
import type { Spot } from './sampleState';
import {
  LAYER_DOF,
  LAYER_HALF_WIDTH,
  SPREAD_PRIORS,
  mean,
  pooledSpread,
  squaredDeviations,
  type LearnedSpreads,
  type Spread,
} from './spreads';

/** One corrected reading with its budget. */
export interface LotReading {
  readonly id: string;
  /** the vessel it was taken from, null where it stands for the lot as a whole */
  readonly vesselId: string | null;
  readonly moisturePercent: number;
  readonly budget: ReadingBudget;
  /** the meter; readings of one share its errors. Readings that name none count as one meter's */
  readonly meterId?: string | null;
  /** where in the vessel; 'not-said' where nobody wrote it down */
  readonly spot?: Spot;
}

/** What the estimate needs to know of the vessels. */
export interface LotVessel {
  readonly id: string;
  /** [kg], null where not known */
  readonly massKg: number | null;
}

/** Names of the parts of a lot's uncertainty, in the order in which they are shown. */
export const COMPONENT_IDS = [
  'repeatability',
  'resolution',
  'temperature',
  'calibration',
  'relation',
  'method',
  'sample',
  'spot',
  'between-vessels',
] as const;
export type ComponentId = (typeof COMPONENT_IDS)[number];

/** One part of the uncertainty before its share is known. */
export interface Component {
  readonly id: ComponentId;
  readonly standard: number;
  readonly degreesOfFreedom: number;
}

/** Readings of one spot of a vessel. */
interface SpotGroup {
  readonly spot: Spot;
  readonly readings: readonly LotReading[];
  readonly mean: number;
}

/** Readings of one vessel, spot by spot; its mean is the mean of its spots. */
export interface VesselGroup {
  readonly vesselId: string | null;
  readonly spots: readonly SpotGroup[];
  readonly readings: readonly LotReading[];
  readonly mean: number;
}

/** Readings sorted by vessel and spot. */
export function groupByVessel(readings: readonly LotReading[]): VesselGroup[] {
  return [...groupBy(readings, (one) => one.vesselId)].map(([vesselId, own]) => {
    const spots = [...groupBy(own, (one) => one.spot ?? 'not-said')].map(([spot, those]) => ({
      spot,
      readings: those,
      mean: mean(those.map((one) => one.moisturePercent)),
    }));
    return { vesselId, spots, readings: own, mean: mean(spots.map((one) => one.mean)) };
  });
}

/** Shares by mass where every tested vessel's mass is known, else equal shares. */
export function vesselWeights(
  groups: readonly VesselGroup[],
  vessels: readonly LotVessel[],
): number[] {
  const masses = groups.map(
    (group) => vessels.find((vessel) => vessel.id === group.vesselId)?.massKg ?? null,
  );
  const known = masses.every((one): one is number => one !== null && one > 0);
  if (!known) return groups.map(() => 1 / groups.length);
  const total = masses.reduce((sum, one) => sum + one, 0);
  return masses.map((one) => one / total);
}

/** Weight of every reading in the mean of the lot. */
function readingWeights(groups: readonly VesselGroup[], weights: readonly number[]) {
  return groups.flatMap((group, at) =>
    group.spots.flatMap((spot) =>
      spot.readings.map((reading) => ({
        reading,
        weight: (weights[at] ?? 0) / group.spots.length / spot.readings.length,
      })),
    ),
  );
}

type Weighted = ReturnType<typeof readingWeights>;

/** Errors of one meter add up linearly over its readings; those of two meters are independent. */
function byMeter(weighted: Weighted, part: BudgetPart): UncertaintyComponent[] {
  return [...groupBy(weighted, (one) => one.reading.meterId ?? null).values()].map((own) => ({
    standard: sharedByAll(own, part),
    degreesOfFreedom:
      part === 'calibration'
        ? Math.min(...own.map((one) => one.reading.budget.calibrationDof ?? Infinity))
        : Infinity,
  }));
}

/** An error common to all readings, whatever the meter. */
function sharedByAll(weighted: Weighted, part: BudgetPart): number {
  return weighted.reduce(
    (sum, { reading, weight }) => sum + weight * (reading.budget[part] ?? 0),
    0,
  );
}

/** What a reading's own sample adds: each drop is another. */
function independent(weighted: Weighted, part: BudgetPart): number {
  return quadrature(weighted.map(({ reading, weight }) => weight * (reading.budget[part] ?? 0)));
}

/** Several contributions as one part of the uncertainty. */
function together(id: ComponentId, parts: readonly UncertaintyComponent[]): Component {
  const standard = quadrature(parts.map((one) => one.standard));
  return { id, standard, degreesOfFreedom: posteriorDegreesOfFreedom(parts) };
}

function repeatability(groups: readonly VesselGroup[], weighted: Weighted, prior: Spread) {
  const spots = groups.flatMap((one) => one.spots);
  const pooled = pooledSpread(
    prior,
    spots.reduce(
      (sum, one) => sum + squaredDeviations(one.readings.map((r) => r.moisturePercent)),
      0,
    ),
    spots.reduce((sum, one) => sum + one.readings.length - 1, 0),
  );
  const standard = pooled.standardDeviation * quadrature(weighted.map((one) => one.weight));
  return { id: 'repeatability' as const, standard, degreesOfFreedom: pooled.degreesOfFreedom };
}

/** Where the gate is, the bottom layer runs out. */
const layerOf = (spot: Spot): Spot => (spot === 'gate' ? 'bottom' : spot);

/** The one layer that a vessel was read in; null where several were. */
function onlyLayer({ spots }: VesselGroup): Spot | null {
  const layers = [...new Set(spots.map((one) => layerOf(one.spot)))];
  return layers.length === 1 ? (layers[0] ?? null) : null;
}

/** What one spot of a vessel that nobody stirred may be off the whole. */
function layerStandard(group: VesselGroup): number {
  const only = onlyLayer(group);
  if (only === null || only === 'stirred' || only === 'not-said') return 0;
  return rectangularUncertainty(LAYER_HALF_WIDTH.unstirred);
}

/** What the mean of the spots read may be off the whole of one vessel by itself. */
function spotStandard(group: VesselGroup, usual: Spread): number {
  const { spots } = group;
  if (onlyLayer(group) === 'not-said') {
    const layers = rectangularUncertainty(LAYER_HALF_WIDTH.notSaid);
    return quadrature([usual.standardDeviation, layers]);
  }
  const unstirred = spots.filter((one) => one.spot !== 'stirred' && one.spot !== 'not-said');
  if (unstirred.length === 0 || spots.length === 1) return usual.standardDeviation;
  const means = spots.map((one) => one.mean);
  const half = (Math.max(...means) - Math.min(...means)) / 2;
  return Math.max(usual.standardDeviation, rectangularUncertainty(half));
}

/**
 * How far the spots read may be off the whole of their vessels. A stirred vessel's drop is off by
 * itself, and so is one of which nobody said where it was taken. Layers lie alike in all vessels, so
 * that one spot of each unstirred vessel is off the same way in all of them; where several spots of a
 * vessel were read, what they differ by counts.
 */
function spotPart({ groups, weights, learned }: ComponentBasis): Component {
  const usual = learned.spot ?? SPREAD_PRIORS.spot;
  const own = quadrature(groups.map((one, at) => (weights[at] ?? 0) * spotStandard(one, usual)));
  const layers = groups.reduce((sum, one, at) => sum + (weights[at] ?? 0) * layerStandard(one), 0);
  return together('spot', [
    { standard: own, degreesOfFreedom: usual.degreesOfFreedom },
    { standard: layers, degreesOfFreedom: LAYER_DOF },
  ]);
}

/** Shares of the lot's mass by vessel; one of unknown mass counts as the mean of the others. */
export function massShares(vessels: readonly LotVessel[]): Map<string, number> {
  const known = vessels.flatMap(({ massKg }) => (massKg !== null && massKg > 0 ? [massKg] : []));
  const usual = known.length > 0 ? mean(known) : 1;
  const massOf = ({ massKg }: LotVessel): number =>
    massKg !== null && massKg > 0 ? massKg : usual;
  const total = vessels.reduce((sum, one) => sum + massOf(one), 0);
  return new Map(vessels.map((one) => [one.id, massOf(one) / total]));
}

/** What vessels of the lot differ by: as assumed or learned, pooled with those read. */
export const vesselSpread = (groups: readonly VesselGroup[], learned: LearnedSpreads): Spread =>
  pooledSpread(
    learned.betweenVessels ?? SPREAD_PRIORS.betweenVessels,
    squaredDeviations(groups.map((one) => one.mean)),
    groups.length - 1,
  );

/**
 * What the vessels differ by that the mean of those read does not tell: by how much each was weighed
 * otherwise than its share of the mass, and the whole share of those not read. A reading of the lot as
 * a whole counts as one more vessel.
 */
function betweenVessels({ groups, weights, vessels, learned }: ComponentBasis): Component {
  const spread = vesselSpread(groups, learned);
  const shares = massShares(vessels);
  const offShare = new Map<string | null, number>(shares);
  groups.forEach(({ vesselId }, at) => {
    const share = shares.get(vesselId ?? '') ?? 0;
    offShare.set(vesselId, Math.abs((weights[at] ?? 0) - share));
  });
  const off = vessels.length > 1 ? quadrature([...offShare.values()]) : 0;
  return {
    id: 'between-vessels',
    standard: spread.standardDeviation * off,
    degreesOfFreedom: spread.degreesOfFreedom,
  };
}

/** What the parts of a lot's uncertainty are reckoned from. */
export interface ComponentBasis {
  readonly groups: readonly VesselGroup[];
  /** share of each group in the mean */
  readonly weights: readonly number[];
  /** of the lot, also the untested ones; none for one vessel by itself */
  readonly vessels: readonly LotVessel[];
  readonly repeatability: Spread;
  readonly learned: LearnedSpreads;
}

/** The parts of the uncertainty of a lot's mean, in the order of `COMPONENT_IDS`. */
export function componentsOf(basis: ComponentBasis): Component[] {
  const { groups, weights } = basis;
  const weighted = readingWeights(groups, weights);
  const known = (id: ComponentId, standard: number): Component => ({
    id,
    standard,
    degreesOfFreedom: Infinity,
  });
  return [
    repeatability(groups, weighted, basis.repeatability),
    together('resolution', byMeter(weighted, 'resolution')),
    together('temperature', byMeter(weighted, 'temperature')),
    together('calibration', byMeter(weighted, 'calibration')),
    known('relation', sharedByAll(weighted, 'relation')),
    {
      id: 'method',
      standard: sharedByAll(weighted, 'method'),
      degreesOfFreedom: METHOD_DOF,
    },
    known('sample', independent(weighted, 'sample')),
    spotPart(basis),
    betweenVessels(basis),
  ];
}
