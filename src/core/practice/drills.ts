/** What is practised. */
export const DRILLS = ['capping', 'scale', 'judgement'] as const;
export type Drill = (typeof DRILLS)[number];

/** Codes that a club can agree on. */
export const EVENING_CODES: readonly [number, number] = [1, 9999];

/** What makes a comb hard to judge; each look is of one kind or of none. */
export const COMB_KINDS = ['plain', 'dark', 'patchy', 'brood', 'gaps', 'bees', 'glare'] as const;
export type CombKind = (typeof COMB_KINDS)[number];
