import { requireFinite } from '../errors';
import { decisionOn, type Estimate } from '../conformity/conformity';
import { rememberedBy } from '../lists/rememberedBy';
import {
  estimateOf,
  lotMoisture,
  type LotMoisture,
  type VesselMoisture,
} from '../moisture/lotMoisture';
import { normalCdf } from '../stats/normal';
import { coverageFactor, quadrature } from '../stats/uncertainty';
import type { Belief } from './belief';
import {
  limitPercent,
  ordinaryVessels,
  suspectReadings,
  type LotEvidence,
  type VesselEvidence,
} from './evidence';

/** Parts of the uncertainty that all readings of a lot share. */
const COMMON = ['calibration', 'temperature', 'resolution', 'relation', 'method'];

/** Standard uncertainty common to the readings of a lot [% moisture]. */
export function commonStandard(measured: LotMoisture): number {
  const common = measured.components.filter((component) => COMMON.includes(component.id));
  return quadrature(common.map((lotComponent) => lotComponent.standard));
}

/** Vessels that are judged by themselves; all of them where every one is kept apart. */
export function suspectVesselsOf({ vessels }: LotEvidence): readonly VesselEvidence[] {
  return vessels.filter((vessel) => vessel.suspectBecause !== undefined);
}

/**
 * Moisture of each suspicious vessel that was read, each by itself.
 *
 * @throws DomainError as `lotMoisture`
 * @source as `lotMoisture`
 */
export function suspectMoistures(evidence: LotEvidence): readonly VesselMoisture[] {
  const readings = suspectReadings(evidence);
  if (readings.length === 0) return [];
  const { repeatability, learned } = evidence;
  return lotMoisture(readings, suspectVesselsOf(evidence), repeatability, learned).vessels;
}

/**
 * Ordinary vessels that were read before long storage and not since: nobody changed their honey, so
 * what was found of each still stands for it.
 */
function storedMoistures(evidence: LotEvidence): readonly VesselMoisture[] {
  const ordinary = new Set(
    ordinaryVessels(evidence.vessels).map((ordinaryVessel) => ordinaryVessel.id),
  );
  const readNow = new Set(evidence.readings.map((reading) => reading.vesselId));
  const readings = (evidence.earlier ?? []).filter(
    ({ before, vesselId }) =>
      before === 'storage' && vesselId !== null && ordinary.has(vesselId) && !readNow.has(vesselId),
  );
  const { repeatability, learned } = evidence;
  return readings.length === 0 ? [] : lotMoisture(readings, [], repeatability, learned).vessels;
}

/**
 * Moisture of each ordinary vessel that was read, now or before long storage.
 *
 * @param belief - of the same evidence
 * @throws DomainError as `lotMoisture`
 * @source as `lotMoisture`
 */
export const ordinaryMoistures = rememberedBy(
  (evidence: LotEvidence, { measured }: Belief): readonly VesselMoisture[] => [
    ...(measured?.vessels ?? []),
    ...storedMoistures(evidence),
  ],
);

/**
 * Moisture of each vessel that was read, ordinary and suspicious ones.
 *
 * @param belief - of the same evidence
 * @throws DomainError as `lotMoisture`
 * @source as `lotMoisture`
 */
export const vesselMoistures = rememberedBy(
  (evidence: LotEvidence, belief: Belief): readonly VesselMoisture[] => {
    requireFinite({ evidence, belief }, 'vesselMoistures');
    const ordinary = ordinaryMoistures(evidence, belief);
    const known = new Set(ordinary.map((vesselMoisture) => vesselMoisture.vesselId));
    const suspect = suspectMoistures(evidence).filter(
      (suspectMoisture) => !known.has(suspectMoisture.vesselId),
    );
    return [...ordinary, ...suspect];
  },
);

/** What is believed of a vessel by its own readings. */
export const ofVessel = (vessel: VesselMoisture): Estimate => estimateOf(vessel);

/**
 * What is believed of one vessel: its own readings where it was read, else the lot's mean with what a
 * single vessel may be off it.
 *
 * @param vesselId - null for a vessel of which nothing is known but the lot
 * @throws DomainError as `lotMoisture`
 * @source JCGM 100:2008 (GUM), 5, recalled from memory
 */
export function vesselEstimate(
  evidence: LotEvidence,
  belief: Belief,
  vesselId: string | null,
): Estimate {
  requireFinite({ evidence, belief, vesselId }, 'vesselEstimate');
  const own = vesselMoistures(evidence, belief).find(
    (vesselMoisture) => vesselMoisture.vesselId === vesselId,
  );
  if (own && vesselId !== null) return ofVessel(own);
  const { measured, mean } = belief;
  if (!measured || evidence.vessels.length < 2) return belief;
  const { shared, own: single } = measured.unread;
  return {
    mean,
    standardUncertainty: quadrature([commonStandard(measured), shared, single]),
    degreesOfFreedom: measured.uncertainty.degreesOfFreedom,
    conformsFrom: measured.conformsFrom,
  };
}

/** Steps of the integral over what all readings share. */
const STEPS = 60;
/** Farthest point, in coverage factors. */
const WIDEST = 3;

/** Density of Student's t, but for its constant. */
const studentDensity = (t: number, dof: number): number =>
  Number.isFinite(dof) ? (1 + (t * t) / dof) ** (-(dof + 1) / 2) : Math.exp((-t * t) / 2);

/**
 * Chance that any ordinary vessel of a measured lot is over its limit.
 *
 * Vessels differ each by itself; what the readings of the meter share moves all of them together, so
 * it is integrated over (rectangle rule; Student's t for few degrees of freedom).
 *
 * @returns [1]; null for a lot without readings or with fewer than two vessels
 * @throws DomainError as `lotMoisture`
 * @source conditional independence given the common error; JCGM 106:2012, recalled from memory
 */
export const anyVesselOver = rememberedBy(chanceOfAny);

function chanceOfAny(evidence: LotEvidence, belief: Belief): number | null {
  const { measured } = belief;
  const vessels = ordinaryVessels(evidence.vessels);
  if (!measured || vessels.length < 2) return null;
  const limit = limitPercent(evidence);
  const common = commonStandard(measured);
  const read = ordinaryMoistures(evidence, belief).filter(
    (ordinaryMoisture) => ordinaryMoisture.vesselId !== null,
  );
  const ids = new Set(read.map((vesselMoisture) => vesselMoisture.vesselId));
  const unread = vessels.filter((vessel) => !ids.has(vessel.id)).length;
  const ownOf = (standard: number): number =>
    Math.sqrt(Math.max(1e-6, standard ** 2 - common ** 2));
  const each = read.map((vesselMoisture) => ({
    mean: vesselMoisture.meanPercent,
    own: ownOf(vesselMoisture.uncertainty.standard),
    times: 1,
  }));
  const dof = measured.uncertainty.degreesOfFreedom;
  const widest = Math.min(WIDEST * coverageFactor(dof), 40);
  const { shared, own } = measured.unread;
  each.push({ mean: belief.mean, own: Math.max(1e-3, quadrature([shared, own])), times: unread });
  const noneOverAt = (z: number): number =>
    each.reduce(
      (product, item) =>
        product * normalCdf((limit - item.mean - common * z) / item.own) ** item.times,
      1,
    );
  let [sum, weights] = [0, 0];
  for (let step = 0; step <= STEPS; step += 1) {
    // Points crowd in the middle, where the weight is.
    const place = (2 * step) / STEPS - 1;
    const z = widest * place ** 3;
    const weight = studentDensity(z, dof) * place ** 2;
    sum += weight * noneOverAt(z);
    weights += weight;
  }
  return Math.min(1, Math.max(0, 1 - sum / weights));
}

/** Ordinary vessels, named, by what their own readings say of the limit. */
export interface VesselsAgainstLimit {
  readonly over: readonly VesselMoisture[];
  readonly notSettled: readonly VesselMoisture[];
}

/**
 * Vessels of a lot that are over the limit or not settled by themselves.
 *
 * @throws DomainError as `lotMoisture`
 * @source JCGM 106:2012, guarded decision at 95 %, recalled from memory
 */
export function vesselsAgainstLimit(evidence: LotEvidence, belief: Belief): VesselsAgainstLimit {
  const found: { over: VesselMoisture[]; notSettled: VesselMoisture[] } = {
    over: [],
    notSettled: [],
  };
  if (ordinaryVessels(evidence.vessels).length < 2) return found;
  const limit = limitPercent(evidence);
  for (const vessel of ordinaryMoistures(evidence, belief)) {
    if (vessel.vesselId === null) continue;
    const decision = decisionOn(ofVessel(vessel), limit);
    if (decision === 'over') found.over.push(vessel);
    if (decision === 'not-settled') found.notSettled.push(vessel);
  }
  return found;
}
