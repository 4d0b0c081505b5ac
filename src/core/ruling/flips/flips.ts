import { requireFinite } from '../../errors';
import type { Ruling } from '../engine';
import type { LotEvidence } from '../evidence';
import type { Flip } from './flip';
import { byCircumstances } from './flipsByCircumstances';
import { byComb } from './flipsByComb';
import { byDrying, byMeter, byMoisture } from './flipsByMeter';
import { withoutVessels } from './flipsByVessel';
import { OUTCOMES, type Outcome } from '../outcome';
import { say } from '../../message/message';

const severity = (outcome: Outcome): number => OUTCOMES.indexOf(outcome);

/** The words for a ruling that no further reading with this meter can change. */
export const NO_NUMBER_WILL = say('flips.noNumberOfFurtherReadings');

/**
 * What would change the ruling: the nearest changes of evidence that give another outcome.
 *
 * Each is found by ruling again on the changed evidence, so each is true of the rules as they are.
 *
 * @param evidence - as ruled on
 * @param ruling - its ruling
 * @returns flips towards a milder ruling first
 * @throws DomainError as `ruleOnLot`
 * @source computed from the rules
 */
export function flipsOf(evidence: LotEvidence, ruling: Ruling): Flip[] {
  requireFinite({ evidence }, 'flipsOf');
  const byEvidence =
    ruling.belief.basis === 'readings'
      ? [
          ...withoutVessels(evidence, ruling),
          ...byMeter(evidence, ruling),
          ...byMoisture(evidence, ruling),
        ]
      : byComb(evidence, ruling);
  const flips = [
    ...byCircumstances(evidence, ruling),
    ...byEvidence,
    ...byDrying(evidence, byEvidence),
  ];
  return flips.sort((a, b) => severity(b.outcome) - severity(a.outcome));
}

/** Whether a lot is stuck between readings: not settled, and no number of readings settles it. */
export function isStuck(ruling: Ruling, flips: readonly Flip[]): boolean {
  const settling = ['more-readings', 'untested-vessels', 'zero-check', 'check-and-readings'];
  return (
    ruling.outcome === 'measure' &&
    ruling.belief.basis === 'readings' &&
    !flips.some((flip) => settling.includes(flip.id))
  );
}
