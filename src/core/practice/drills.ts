/** What is practised. */
export const DRILLS = ['capping', 'scale', 'judgement'] as const;
export type Drill = (typeof DRILLS)[number];

/** Codes that a club can agree on. */
export const EVENING_CODES: readonly [number, number] = [1, 9999];
