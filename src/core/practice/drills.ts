/** What is practised. */
export const DRILLS = ['capping', 'scale', 'judgement'] as const;
export type Drill = (typeof DRILLS)[number];
