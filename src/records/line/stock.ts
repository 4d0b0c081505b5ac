import { COMB_STATES, KIT_ITEMS } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { remarkField, wholeBetween } from '../fields';
import { z } from '../zod';

/** How many of an item are there. */
export const stockContentSchema = z.object({
  item: z.enum([...KIT_ITEMS, ...COMB_STATES]),
  have: wholeBetween(0, 100_000),
  remark: remarkField,
});

export const stockKind = recordKind({
  kind: 'stock',
  table: 'stocks',
  since: 4,
  owner: null,
  part: 'extraction',
  content: stockContentSchema,
});
export type Stock = RevisionOf<typeof stockKind>;
