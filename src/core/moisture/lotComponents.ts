import { groupBy } from '../lists/groupBy';
import {
  posteriorDegreesOfFreedom,
  quadrature,
  type UncertaintyComponent,
} from '../stats/uncertainty';
import { METHOD_DOF, type BudgetPart } from './readingBudget';
import { spotParts } from './spotParts';
import {
  SPREAD_PRIORS,
  pooledSpread,
  squaredDeviations,
  type LearnedSpreads,
  type Spread,
} from './spreads';
import { massShares, type LotVessel, type VesselGroup } from './vesselGroups';

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
  return [...groupBy(weighted, (item) => item.reading.meterId ?? null).values()].map((own) => ({
    standard: sharedByAll(own, part),
    degreesOfFreedom:
      part === 'calibration'
        ? Math.min(...own.map((item) => item.reading.budget.calibrationDof ?? Infinity))
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
  const standard = quadrature(parts.map((part) => part.standard));
  return { id, standard, degreesOfFreedom: posteriorDegreesOfFreedom(parts) };
}

function repeatability(groups: readonly VesselGroup[], weighted: Weighted, prior: Spread) {
  const spots = groups.flatMap((group) => group.spots);
  const pooled = pooledSpread(
    prior,
    spots.reduce(
      (sum, spot) => sum + squaredDeviations(spot.readings.map((r) => r.moisturePercent)),
      0,
    ),
    spots.reduce((sum, spot) => sum + spot.readings.length - 1, 0),
  );
  const standard = pooled.standardDeviation * quadrature(weighted.map((item) => item.weight));
  return { id: 'repeatability' as const, standard, degreesOfFreedom: pooled.degreesOfFreedom };
}

/** What vessels of the lot differ by: as assumed or learned, pooled with those read. */
export const vesselSpread = (groups: readonly VesselGroup[], learned: LearnedSpreads): Spread =>
  pooledSpread(
    learned.betweenVessels ?? SPREAD_PRIORS.betweenVessels,
    squaredDeviations(groups.map((group) => group.mean)),
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

/** What the parts of a lot's uncertainty are computed from. */
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
    together('spot', spotParts(groups, weights, basis.learned.spot ?? SPREAD_PRIORS.spot)),
    betweenVessels(basis),
  ];
}
