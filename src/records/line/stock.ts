import { KIT_ITEMS } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField } from '../fields';
import { z } from '../zod';

/** How many of an item are there. */
export const stockContentSchema = z.object({
  item: z.enum(KIT_ITEMS),
  have: between(0, 100_000, 'Type how many there are.').int('Type a whole number.'),
  remark: remarkField,
});

export const stockKind = recordKind({
  kind: 'stock',
  name: 'Kit in stock',
  table: 'stocks',
  since: 4,
  owner: null,
  part: 'extraction',
  content: stockContentSchema,
});
export type Stock = RevisionOf<typeof stockKind>;
