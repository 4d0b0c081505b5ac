import { takenTooSoon } from '../blocks';
import type { Circumstances } from '../circumstances';
import type { Ruling } from '../engine';
import type { LotEvidence } from '../evidence';
import { tried, type Flip } from './flip';
import { type Message, onDay, say } from '../../message/message';

/** The day on which the label's waiting time is over. */
function byWaiting(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const treated = evidence.circumstances?.treated;
  if (!treated || !takenTooSoon(evidence)) return [];
  const words = say('flips.combStillOnTheHive', {
    freeFromDay: onDay(treated.freeFromDay),
    product: treated.product,
  });
  return tried('treatment-over', words, { ...evidence, takenDay: treated.freeFromDay }, ruling);
}

/** HMF that a laboratory would have to find where warmth leaves it open [mg/kg]. */
const SUPPOSED_HMF = { value: 10, expanded: 2 };

function byLaboratory(evidence: LotEvidence, ruling: Ruling): Flip[] {
  if (evidence.laboratory?.values.hmfMgPerKg || (evidence.heat?.spentShare.likely ?? 0) <= 1) {
    return [];
  }
  const { values = {}, from = 'supposed' } = evidence.laboratory ?? {};
  const laboratory = { from, values: { ...values, hmfMgPerKg: SUPPOSED_HMF } };
  const words = say('flips.aLaboratoryFindingHmfOf', { value: SUPPOSED_HMF.value });
  return tried('hmf-measured', words, { ...evidence, laboratory }, ruling);
}

/**
 * What clearing up a circumstance would do: doubtful nectar, a taste of what a scented board touched,
 * the end of a waiting time, a laboratory's HMF.
 */
export function byCircumstances(evidence: LotEvidence, ruling: Ruling): Flip[] {
  const { circumstances } = evidence;
  const change = (id: string, words: Message, to: Partial<Circumstances>): Flip[] =>
    circumstances
      ? tried(id, words, { ...evidence, circumstances: { ...circumstances, ...to } }, ruling)
      : [];
  const nectar =
    circumstances?.nectar === 'doubtful'
      ? change('nectar-cleared', say('flips.theNectarBeingClearedBy'), {
          nectar: 'ordinary',
        })
      : [];
  const taste =
    circumstances?.taint === 'not-tasted'
      ? [
          ...change('tasted-clean', say('flips.twoPeopleSmellingAndTasting'), { taint: 'clean' }),
          ...change('tasted-tainted', say('flips.tastingItAndFindingIt'), { taint: 'tainted' }),
        ]
      : [];
  return [...nectar, ...taste, ...byWaiting(evidence, ruling), ...byLaboratory(evidence, ruling)];
}
