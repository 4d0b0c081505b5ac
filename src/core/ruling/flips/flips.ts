import { requireFinite } from '../../errors';
import { PLAIN_PHRASING, type Ruling } from '../engine';
import type { LotEvidence } from '../evidence';
import type { Flip } from './flip';
import { byCircumstances } from './flipsByCircumstances';
import { byComb } from './flipsByComb';
import { byDrying, byMeter, byMoisture } from './flipsByMeter';
import { withoutVessels } from './flipsByVessel';
import { OUTCOMES, type Outcome } from '../outcome';
import type { Phrasing } from '../rule';

const severity = (outcome: Outcome): number => OUTCOMES.indexOf(outcome);

/** The words for a ruling that no further reading with this meter can change. */
export const NO_NUMBER_WILL =
  'No number of further readings with this meter settles it: what it may be off by is larger than the room left.';

/**
 * What would change the ruling: the nearest changes of evidence that give another outcome.
 *
 * Each is found by ruling again on the changed evidence, so each is true of the rules as they are.
 *
 * @param evidence - as ruled on
 * @param ruling - its ruling
 * @param say - how to say temperatures and days
 * @returns flips towards a milder ruling first
 * @throws DomainError as `ruleOnLot`
 * @source computed from the rules
 */
export function flipsOf(
  evidence: LotEvidence,
  ruling: Ruling,
  say: Phrasing = PLAIN_PHRASING,
): Flip[] {
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
    ...byCircumstances(evidence, ruling, say),
    ...byEvidence,
    ...byDrying(evidence, byEvidence, say),
  ];
  return flips.sort((a, b) => severity(b.outcome) - severity(a.outcome));
}

/** Whether a lot is stuck between readings: not settled, and no number of readings settles it. */
export function isStuck(ruling: Ruling, flips: readonly Flip[]): boolean {
  const settling = ['more-readings', 'untested-vessels', 'zero-check', 'check-and-readings'];
  return (
    ruling.outcome === 'measure' &&
    ruling.belief.basis === 'readings' &&
    !flips.some((one) => settling.includes(one.id))
  );
}
