import { studentCdf } from '../stats/uncertainty';
import { factorBelief, priorBelief, type DryingBelief } from './dryingBelief';
import { expectedObservation, learnDrying } from './learnDrying';
import type { DryingEpisode } from './roomOutlook';

/** Most readings of a stretch that are forecast again: each asks for a learning of its own. */
const MOST_READINGS = 12;

/**
 * Where each reading of a stretch lay in what was forecast of it just before: from the room's earlier
 * stretches and from the readings before it.
 *
 * @param past - earlier stretches of the same room, oldest first
 * @param present - the stretch that is looked at
 * @returns probability that the forecast gave to less than what was read [1]; the last twelve readings
 * @throws DomainError as `simulateDrying`
 * @source as `learnDrying`, straight about its most likely values
 */
export function predictedReadings(
  past: readonly DryingEpisode[],
  present: DryingEpisode,
): number[] {
  const rates = past.reduce<DryingBelief | undefined>(
    (known, { run, startSpreads, observations }) => {
      const { belief } = learnDrying(run, priorBelief(startSpreads, known), observations);
      return factorBelief(belief);
    },
    undefined,
  );
  const inOrder = [...present.observations].sort((a, b) => a.day - b.day);
  const prior = priorBelief(present.startSpreads, rates);
  const first = Math.max(0, inOrder.length - MOST_READINGS);
  return inOrder.slice(first).map((dryingObservation, at) => {
    const before = inOrder
      .slice(0, first + at)
      .filter((other) => other.day < dryingObservation.day);
    const { belief } = learnDrying(present.run, prior, before);
    const { mean, standard } = expectedObservation(present.run, belief, dryingObservation);
    const doubt = Math.hypot(standard, dryingObservation.standardUncertainty);
    return studentCdf(
      (dryingObservation.percent - mean) / doubt,
      belief.degreesOfFreedom ?? Infinity,
    );
  });
}
