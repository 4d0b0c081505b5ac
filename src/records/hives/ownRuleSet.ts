import type { RuleSet } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, textField } from '../fields';
import { z } from '../zod';

const limit = between(13, 25);

/** Limits of the keeper's own: of a country, a buyer, a label; its id in the core is the entity's. */
export const ownRuleSetContentSchema = z
  .object({
    name: nameField(60),
    edition: nameField(80),
    ordinaryPercent: limit,
    heatherPercent: limit,
    /** null where there is no baker's grade */
    bakersOrdinaryPercent: limit.nullable(),
    bakersHeatherPercent: limit.nullable(),
    note: textField(200),
  })
  .refine(
    (item) => (item.bakersOrdinaryPercent === null) === (item.bakersHeatherPercent === null),
    {
      path: ['bakersOrdinaryPercent'],
      message: 'bakersPair',
    },
  )
  .refine(
    (item) =>
      (item.bakersOrdinaryPercent ?? Infinity) >= item.ordinaryPercent &&
      (item.bakersHeatherPercent ?? Infinity) >= item.heatherPercent,
    { path: ['bakersOrdinaryPercent'], message: 'bakersPair' },
  );
export type OwnRuleSetContent = z.infer<typeof ownRuleSetContentSchema>;

export const ownRuleSetKind = recordKind({
  kind: 'rule-set',
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
