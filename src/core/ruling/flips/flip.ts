import { ruleOnLot, type Ruling } from '../engine';
import type { LotEvidence } from '../evidence';
import type { Outcome } from '../outcome';

/** A change of evidence that would give another ruling, verified by applying it. */
export interface Flip {
  readonly id: string;
  readonly sentence: string;
  readonly outcome: Outcome;
  /** the evidence after the change */
  readonly evidence: LotEvidence;
}

/** What an outcome is called in a sentence. */
export const OUTCOME_WORDS: Readonly<Record<Outcome, string>> = {
  reject: 'reject',
  divert: 'divert',
  over: 'over the limit',
  dry: 'dry first',
  blend: 'blend',
  measure: 'not settled',
  'above-target': 'legal, above your target',
  conditions: 'accept, with conditions',
  'by-comb': 'take it on trust of the comb',
  accept: 'accept',
};

/** A change that gives another outcome, or none. */
export function tried(id: string, words: string, evidence: LotEvidence, ruling: Ruling): Flip[] {
  const outcome = ruleOnLot(evidence).outcome;
  if (outcome === ruling.outcome) return [];
  return [{ id, sentence: `${words}: ${OUTCOME_WORDS[outcome]}.`, outcome, evidence }];
}
