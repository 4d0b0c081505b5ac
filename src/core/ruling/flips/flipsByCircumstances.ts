import { takenTooSoon } from '../blocks';
import type { Circumstances } from '../circumstances';
import type { Ruling } from '../engine';
import type { LotEvidence } from '../evidence';
import { tried, type Flip } from './flip';
import type { Phrasing } from '../rule';

/** The day on which the label's waiting time is over. */
function byWaiting(evidence: LotEvidence, ruling: Ruling, say: Phrasing): Flip[] {
  const treated = evidence.circumstances?.treated;
  if (!treated || !takenTooSoon(evidence)) return [];
  const words = `Comb still on the hive, taken on ${say.day(treated.freeFromDay)} or later, after the waiting time of ${treated.product}`;
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
  const words = `HMF of ${SUPPOSED_HMF.value} mg/kg or less from a laboratory`;
  return tried('hmf-measured', words, { ...evidence, laboratory }, ruling);
}

/**
 * What clearing up a circumstance would do: doubtful nectar, a taste of what a scented board touched,
 * the end of a waiting time, a laboratory's HMF.
 */
export function byCircumstances(evidence: LotEvidence, ruling: Ruling, say: Phrasing): Flip[] {
  const { circumstances } = evidence;
  const change = (id: string, words: string, to: Partial<Circumstances>): Flip[] =>
    circumstances
      ? tried(id, words, { ...evidence, circumstances: { ...circumstances, ...to } }, ruling)
      : [];
  const nectar =
    circumstances?.nectar === 'doubtful'
      ? change('nectar-cleared', 'The nectar cleared by a laboratory or the advisory service', {
          nectar: 'ordinary',
        })
      : [];
  const taste =
    circumstances?.taint === 'not-tasted'
      ? [
          ...change('tasted-clean', 'Smelt and tasted by two, and found clean', { taint: 'clean' }),
          ...change('tasted-tainted', 'Smelt and tasted, and found tainted', { taint: 'tainted' }),
        ]
      : [];
  return [
    ...nectar,
    ...taste,
    ...byWaiting(evidence, ruling, say),
    ...byLaboratory(evidence, ruling),
  ];
}
