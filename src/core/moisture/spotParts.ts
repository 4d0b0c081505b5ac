import {
  quadrature,
  rectangularUncertainty,
  type UncertaintyComponent,
} from '../stats/uncertainty';
import type { Spot } from './sampleState';
import { LAYER_DOF, LAYER_HALF_WIDTH, type Spread } from './spreads';
import type { VesselGroup } from './vesselGroups';

/** Where the gate is, the bottom layer runs out. */
const layerOf = (spot: Spot): Spot => (spot === 'gate' ? 'bottom' : spot);

/** The one layer that a vessel was read in; null where several were. */
function onlyLayer({ spots }: VesselGroup): Spot | null {
  const layers = [...new Set(spots.map((spot) => layerOf(spot.spot)))];
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
  const unstirred = spots.filter((spot) => spot.spot !== 'stirred' && spot.spot !== 'not-said');
  if (unstirred.length === 0 || spots.length === 1) return usual.standardDeviation;
  const means = spots.map((spot) => spot.mean);
  const half = (Math.max(...means) - Math.min(...means)) / 2;
  return Math.max(usual.standardDeviation, rectangularUncertainty(half));
}

/**
 * How far the spots read may be off the whole of their vessels. A stirred vessel's drop is off by
 * itself, and so is one of which nobody said where it was taken. Layers lie alike in all vessels, so
 * that one spot of each unstirred vessel is off the same way in all of them; where several spots of a
 * vessel were read, what they differ by counts.
 */
export function spotParts(
  groups: readonly VesselGroup[],
  weights: readonly number[],
  usual: Spread,
): UncertaintyComponent[] {
  const own = quadrature(
    groups.map((group, at) => (weights[at] ?? 0) * spotStandard(group, usual)),
  );
  const layers = groups.reduce(
    (sum, group, at) => sum + (weights[at] ?? 0) * layerStandard(group),
    0,
  );
  return [
    { standard: own, degreesOfFreedom: usual.degreesOfFreedom },
    { standard: layers, degreesOfFreedom: LAYER_DOF },
  ];
}
