import type { Ruling } from '../engine';
import type { LotEvidence, VesselEvidence } from '../evidence';
import { tried, type Flip } from './flip';
import { vesselsAgainstLimit } from '../vesselMoistures';
import { allOf, type Listed, say } from '../../message/message';

/** The lot without some of its vessels and without what was read of them. */
function without(evidence: LotEvidence, ids: ReadonlySet<string>): LotEvidence {
  const stays = ({ vesselId }: { readonly vesselId: string | null }): boolean =>
    vesselId === null || !ids.has(vesselId);
  return {
    ...evidence,
    vessels: evidence.vessels.filter((vessel) => !ids.has(vessel.id)),
    readings: evidence.readings.filter(stays),
    ...(evidence.earlier && { earlier: evidence.earlier.filter(stays) }),
  };
}

const namesOf = (vessels: readonly VesselEvidence[]): Listed =>
  allOf(vessels.map((vessel) => vessel.label));

/** The rest of a lot once the vessels that are over, or over and not settled, are set apart. */
export function withoutVessels(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const { over, notSettled } = vesselsAgainstLimit(evidence, ruling.belief);
  const choices = [over, [...over, ...notSettled]].map(
    (some) =>
      new Set(
        some.flatMap((vesselMoisture) =>
          vesselMoisture.vesselId === null ? [] : [vesselMoisture.vesselId],
        ),
      ),
  );
  const tryWithout = (ids: ReadonlySet<string>): Flip[] => {
    if (ids.size === 0 || ids.size >= evidence.vessels.length) return [];
    const words = say('flips.without', {
      vessels: namesOf(evidence.vessels.filter((vessel) => ids.has(vessel.id))),
    });
    return tried('without-vessels', words, without(evidence, ids), ruling);
  };
  const [quickTake, all] = choices.map(tryWithout);
  const isSame = choices[0]!.size === choices[1]!.size;
  return isSame ? (all ?? []) : [...(quickTake ?? []), ...(all ?? [])];
}
