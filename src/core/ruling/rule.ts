import type { Belief } from './belief';
import type { LotEvidence } from './evidence';
import type { Outcome } from './outcome';
import { type Message } from '../message/message';

/** Where a rule comes from, as printed beside each reason. */
export interface RuleSource {
  readonly name: Message;
  readonly standing: 'recalled' | 'practice' | 'choice';
}

/** Kinds of evidence that a rule can ask for. */
export type EvidenceKind =
  | 'comb'
  | 'reading'
  | 'vessel'
  | 'storage'
  | 'signs'
  | 'lot'
  | 'circumstances';

/** What a finding does: it speaks for an outcome, sets a condition, or only informs. */
export type Bearing = Outcome | 'condition' | 'note';

/** What a rule sees. */
export interface RuleContext {
  readonly evidence: LotEvidence;
  readonly belief: Belief;
}

/** What settles a finding that leaves a lot open. */
export const NEXT_STEPS = [
  'read',
  'read-each',
  'check-zero',
  'other-meter',
  'laboratory',
  'treat-as-over',
  'prepare-sample',
  'look-at-comb',
  'taste',
  'ask-treated',
  'correct-records',
] as const;
export type NextStep = (typeof NEXT_STEPS)[number];

/** What a rule found, before its name and source are added. */
export interface Found {
  readonly bearing: Bearing;
  /** one sentence */
  readonly sentence: Message;
  /** of a finding that asks for more: what would settle it; 'read' where not there */
  readonly step?: NextStep;
  /** of a condition: what to do, short enough for the headline after "Accept, but" */
  readonly short?: Message;
}

/** What a rule found, with the rule's name and source. */
export interface Finding extends Found {
  readonly ruleId: string;
  readonly title: Message;
  readonly source: RuleSource;
}

/** One rule: a small named object that looks at the evidence and finds nothing, one or more things. */
export interface Rule {
  readonly id: string;
  readonly title: Message;
  readonly source: RuleSource;
  readonly needs: readonly EvidenceKind[];
  find(context: RuleContext): readonly Found[];
}
