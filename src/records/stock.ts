import { KIT_ITEMS } from '../core';
import { envelopeShape } from './envelope';
import { between, remarkField } from './fields';
import { z } from './zod';

/** How many of an item are there. */
export const stockContentSchema = z.object({
  item: z.enum(KIT_ITEMS),
  have: between(0, 100_000, 'Type how many there are.').int('Type a whole number.'),
  remark: remarkField,
});

export const stockSchema = z.object({
  ...envelopeShape,
  kind: z.literal('stock'),
  content: stockContentSchema,
});
export type Stock = z.infer<typeof stockSchema>;
