/** Faults that can be smelt or tasted; each has its consequence in the ruling. */
export const FAULTS = [
  'sour',
  'yeasty',
  'boozy',
  'repellent',
  'smoke',
  'caramel',
  'musty',
  'metallic',
] as const;
export type Fault = (typeof FAULTS)[number];

/** Foam on the honey. */
export const FOAMS = ['none', 'thin', 'thick', 'comes-back'] as const;
export type Foam = (typeof FOAMS)[number];

/** What floats or lies in it. */
export const IMPURITIES = ['wax', 'bees', 'brood', 'wood', 'other'] as const;
export type Impurity = (typeof IMPURITIES)[number];

/** What was smelt, tasted and seen of a lot, as the rules see it. */
export interface SensesEvidence {
  readonly faults: readonly Fault[];
  readonly foam: Foam;
  readonly impurities: readonly Impurity[];
}

/** Faults that are signs of fermentation. @source common practice, no source */
export const FERMENTING_FAULTS: readonly Fault[] = ['sour', 'yeasty', 'boozy'];
