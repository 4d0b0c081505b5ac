import { lotMoisture, type VesselMoisture } from '../moisture/lotMoisture';
import type { Belief } from './belief';
import {
  ordinaryVessels,
  suspectReadings,
  type LotEvidence,
  type VesselEvidence,
} from './evidence';

/** Vessels that are judged by themselves. */
export function suspectVesselsOf({ vessels }: LotEvidence): readonly VesselEvidence[] {
  const ordinary = new Set(ordinaryVessels(vessels));
  return vessels.filter((one) => !ordinary.has(one));
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
  return lotMoisture(readings, suspectVesselsOf(evidence), evidence.repeatability).vessels;
}

/**
 * Moisture of each vessel that was read, ordinary and suspicious ones.
 *
 * @param belief - of the same evidence
 * @throws DomainError as `lotMoisture`
 * @source as `lotMoisture`
 */
export function vesselMoistures(
  evidence: LotEvidence,
  { measured }: Belief,
): readonly VesselMoisture[] {
  return [...(measured?.vessels ?? []), ...suspectMoistures(evidence)];
}
