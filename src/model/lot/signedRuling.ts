import {
  RULES_VERSION,
  type LotEvidence,
  type MessageValue,
  type Outcome,
  type RuleSource,
  type Ruling,
} from '../../core';
import type { RulingContent } from '../../records';

/** What the person who signs adds to the ruling. */
export interface Signature {
  readonly outcome: Outcome;
  readonly initials: string;
  readonly overrideReason: string;
  readonly remark: string;
}

/** What a ruling rests on at the moment of signing. */
export interface RulingBasis {
  readonly evidence: LotEvidence;
  readonly ruling: Ruling;
  /** revisions of the evidence */
  readonly evidenceIds: readonly string[];
}

/** How the application puts a finding; what is signed is what the one who signs has read. */
export interface InWords {
  tell(message: MessageValue): string;
  source(source: RuleSource): string;
}

/** What is signed: the decision with everything that it rests on at this moment. */
export function signedRulingContent(
  signature: Signature,
  basis: RulingBasis,
  inWords: InWords,
): RulingContent {
  const { evidence, ruling, evidenceIds } = basis;
  const { id, name, edition } = evidence.ruleSet;
  const { outcome, initials, overrideReason, remark } = signature;
  return {
    outcome,
    proposedOutcome: ruling.outcome,
    overrideReason: outcome === ruling.outcome ? '' : overrideReason,
    initials,
    remark,
    evidenceIds: [...evidenceIds],
    rulesVersion: RULES_VERSION,
    ruleSet: { id, name, edition },
    limitPercent: ruling.limitPercent,
    targetPercent: evidence.targetPercent,
    basis: ruling.belief.basis,
    meanPercent: ruling.belief.mean,
    expandedPercent: ruling.belief.expanded,
    overProbability: ruling.overProbability,
    checkAgainMonths: ruling.checkAgainMonths,
    findings: ruling.findings.map(({ ruleId, title, bearing, sentence, source }) => ({
      ruleId,
      title: inWords.tell(title),
      bearing,
      sentence: inWords.tell(sentence),
      source: inWords.source(source),
    })),
  };
}
