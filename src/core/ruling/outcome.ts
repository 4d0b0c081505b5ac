/**
 * The outcomes of a ruling, most severe first; the most severe finding decides the headline, and
 * no finding hides another.
 *
 * | outcome      | what it says |
 * |---|---|
 * | reject       | blocked for every use: people, bees, cooking and brewing |
 * | divert       | not for the jar as it is: other uses, under their own cautions |
 * | over         | more water than the limit of the rule set in force: dry, blend or divert |
 * | dry          | within the limit, too wet to keep |
 * | blend        | too wet, cannot be dried, and drier honey of one's own would bring it in |
 * | measure      | not settled: the evidence at hand does not decide; the finding says what would |
 * | above-target | within the limit, so legal, but wetter than the keeper's own target |
 * | conditions   | good enough under the conditions named: use within, store below, declare |
 * | by-comb      | good enough on trust of the comb: up to 20 in 100 may be wrong |
 * | accept       | good enough by meter or laboratory: at most 5 in 100 may be wrong |
 *
 * @source our choice; what no use may have comes first, then a sign, which outranks a number
 */
export const OUTCOMES = [
  'reject',
  'divert',
  'over',
  'dry',
  'blend',
  'measure',
  'above-target',
  'conditions',
  'by-comb',
  'accept',
] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** The most severe of some outcomes; 'measure' where there is none at all. */
export function mostSevere(outcomes: readonly Outcome[]): Outcome {
  return OUTCOMES.find((outcome) => outcomes.includes(outcome)) ?? 'measure';
}

/** Whether the honey may be taken, with or without conditions. */
export const isAccepted = (outcome: Outcome): boolean =>
  outcome === 'accept' || outcome === 'by-comb' || outcome === 'conditions';
