import type { RuleSet } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { nameField } from '../fields';
import { z } from '../zod';

const LIMIT_SENTENCE = 'A limit of moisture lies between 13 and 25 %.';
const limit = z.number().min(13, LIMIT_SENTENCE).max(25, LIMIT_SENTENCE);
const PAIR_SENTENCE =
  'Where there is a baker’s grade, give its limit for both kinds, none under that for eating.';

/** Limits of the keeper's own: of a country, a buyer, a label; its id in the core is the entity's. */
export const ownRuleSetContentSchema = z
  .object({
    name: nameField('the rule set', 60),
    edition: nameField('its edition', 80),
    ordinaryPercent: limit,
    heatherPercent: limit,
    /** null where there is no baker's grade */
    bakersOrdinaryPercent: limit.nullable(),
    bakersHeatherPercent: limit.nullable(),
    note: z.string().trim().max(200, 'Keep it under 200 letters.'),
  })
  .refine((one) => (one.bakersOrdinaryPercent === null) === (one.bakersHeatherPercent === null), {
    path: ['bakersOrdinaryPercent'],
    message: PAIR_SENTENCE,
  })
  .refine(
    (one) =>
      (one.bakersOrdinaryPercent ?? Infinity) >= one.ordinaryPercent &&
      (one.bakersHeatherPercent ?? Infinity) >= one.heatherPercent,
    { path: ['bakersOrdinaryPercent'], message: PAIR_SENTENCE },
  );
export type OwnRuleSetContent = z.infer<typeof ownRuleSetContentSchema>;

export const ownRuleSetKind = recordKind({
  kind: 'rule-set',
  name: 'Own rule sets',
  table: 'ruleSets',
  since: 5,
  owner: null,
  part: 'book',
  content: ownRuleSetContentSchema,
  chain: ({ entityId }) => ({ anchors: [entityId], follows: [] }),
});
export type OwnRuleSet = RevisionOf<typeof ownRuleSetKind>;

/** A rule set of the keeper's own, as the core takes it. */
export function coreRuleSet(id: string, content: OwnRuleSetContent): RuleSet {
  const { name, edition, note, bakersOrdinaryPercent, bakersHeatherPercent } = content;
  return {
    id,
    name,
    edition,
    note,
    status: 'own',
    moistureLimitPercent: { ordinary: content.ordinaryPercent, heather: content.heatherPercent },
    ...(bakersOrdinaryPercent !== null &&
      bakersHeatherPercent !== null && {
        bakersLimitPercent: { ordinary: bakersOrdinaryPercent, heather: bakersHeatherPercent },
      }),
  };
}
