/** Kinds of honey that limits tell apart. Heather means Calluna (ling) only. */
export const HONEY_KINDS = ['ordinary', 'heather'] as const;
export type HoneyKind = (typeof HONEY_KINDS)[number];

/** A set of moisture limits with its name and edition; data, not code. */
export interface RuleSet {
  readonly id: string;
  readonly name: string;
  readonly edition: string;
  /** 'published' limits come from a rule, 'practice' is what careful producers keep to, 'own' was entered */
  readonly status: 'published' | 'practice' | 'own';
  /** highest moisture for each kind of honey [% by mass] */
  readonly moistureLimitPercent: Readonly<Record<HoneyKind, number>>;
  /** highest moisture as baker's honey, where the set has that grade [% by mass] */
  readonly bakersLimitPercent?: Readonly<Record<HoneyKind, number>>;
  readonly note: string;
}

/**
 * The rule sets that ship; every figure recalled from memory of the named text.
 *
 * @source named in each set
 */
export const RULE_SETS: readonly RuleSet[] = [
  {
    id: 'eu-2001-110',
    name: 'European Union honey directive',
    edition: '2001/110/EC',
    status: 'published',
    moistureLimitPercent: { ordinary: 20, heather: 23 },
    bakersLimitPercent: { ordinary: 23, heather: 25 },
    note: '',
  },
  {
    id: 'codex-12-1981',
    name: 'Codex standard for honey',
    edition: 'CXS 12-1981',
    status: 'published',
    moistureLimitPercent: { ordinary: 20, heather: 23 },
    note: '',
  },
  {
    id: 'us-grade-a-b',
    name: 'US grades A and B, extracted honey',
    edition: 'US standards for grades of extracted honey, 1985',
    status: 'published',
    moistureLimitPercent: { ordinary: 18.6, heather: 18.6 },
    note: '',
  },
  {
    id: 'us-grade-c',
    name: 'US grade C, extracted honey',
    edition: 'US standards for grades of extracted honey, 1985',
    status: 'published',
    moistureLimitPercent: { ordinary: 20, heather: 20 },
    note: '',
  },
  {
    id: 'careful-producer',
    name: 'Careful producer',
    edition: 'common practice, no source',
    status: 'practice',
    moistureLimitPercent: { ordinary: 18, heather: 23 },
    note: '',
  },
];

/** The rule set used until the keeper chooses. */
export const DEFAULT_RULE_SET_ID = 'eu-2001-110';

/**
 * Target of a careful producer for each kind of honey [% by mass], used until the keeper chooses.
 *
 * @source common practice, no source
 */
export const DEFAULT_TARGET_PERCENT: Readonly<Record<HoneyKind, number>> = {
  ordinary: 18,
  heather: 22,
};

/** The rule set with this id, or undefined for an unknown one. */
export function findRuleSet(
  id: string,
  among: readonly RuleSet[] = RULE_SETS,
): RuleSet | undefined {
  return among.find((ruleSet) => ruleSet.id === id);
}

/** The rule set with this id; the default one for an unknown id. */
export function ruleSetOf(id: string, among: readonly RuleSet[] = RULE_SETS): RuleSet {
  const found = findRuleSet(id, among) ?? findRuleSet(DEFAULT_RULE_SET_ID);
  if (!found) throw new Error('the default rule set is missing');
  return found;
}
