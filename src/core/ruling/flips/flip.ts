import { ruleOnLot, type Ruling } from '../engine';
import type { LotEvidence } from '../evidence';
import type { Outcome } from '../outcome';
import { type Message, say } from '../../message/message';

/** A change of evidence that would give another ruling, verified by applying it. */
export interface Flip {
  readonly id: string;
  readonly sentence: Message;
  readonly outcome: Outcome;
  /** the evidence after the change */
  readonly evidence: LotEvidence;
}

/** What an outcome is called in a sentence. */
export const OUTCOME_WORDS: Readonly<Record<Outcome, Message>> = {
  reject: say('flips.blocked'),
  divert: say('flips.doNotJarOrSell'),
  over: say('flips.overTheLimit'),
  dry: say('flips.dryFirst'),
  blend: say('flips.blend'),
  measure: say('flips.notSettled'),
  'above-target': say('flips.legalAboveYourTarget'),
  conditions: say('flips.acceptWithConditions'),
  'by-comb': say('flips.acceptOnItsCapping'),
  accept: say('flips.accept'),
};

/** A change that gives another outcome, or none. */
export function tried(id: string, words: Message, evidence: LotEvidence, ruling: Ruling): Flip[] {
  const outcome = ruleOnLot(evidence).outcome;
  if (outcome === ruling.outcome) return [];
  return [
    {
      id,
      sentence: say('flips.change', { words, outcome: OUTCOME_WORDS[outcome] }),
      outcome,
      evidence,
    },
  ];
}
