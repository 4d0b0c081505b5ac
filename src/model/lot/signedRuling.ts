import {
  RULES_VERSION,
  sourceWords,
  type LotEvidence,
  type Outcome,
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

/** What is signed: the decision with everything that it rests on at this moment. */
export function signedRulingContent(signature: Signature, basis: RulingBasis): RulingContent {
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
    findings: ruling.findings.map(({ ruleId, title, bearing, sentence, source }) => {
      return { ruleId, title, bearing, sentence, source: sourceWords(source) };
    }),
  };
}
