/**
 * The outcomes of a ruling, most severe first; the most severe finding decides the headline, and
 * no finding hides another.
 *
 * | outcome | what it says |
 * |---|---|
 * | divert  | not for the jar as it is: other uses, under their own cautions |
 * | over    | more water than the limit of the rule set in force |
 * | dry     | within the limit, too wet for the keeper's target or for keeping |
 * | measure | not settled: the evidence at hand does not decide |
 * | accept  | good enough, under the conditions named |
 *
 * @source our choice; divert comes first since a sign outranks a number
 */
export const OUTCOMES = ['divert', 'over', 'dry', 'measure', 'accept'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** The most severe of some outcomes; 'measure' where there is none at all. */
export function mostSevere(outcomes: readonly Outcome[]): Outcome {
  return OUTCOMES.find((one) => outcomes.includes(one)) ?? 'measure';
}
