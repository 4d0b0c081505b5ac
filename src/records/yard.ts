import { CLIMATES } from '../core';
import { envelopeShape } from './envelope';
import { nameField, remarkField } from './fields';
import { z } from './zod';

/** A place where hives stand. */
export const yardContentSchema = z.object({
  name: nameField('the yard'),
  /** air of the season, as it matters to ripening */
  climate: z.enum(CLIMATES),
  remark: remarkField,
});
export type YardContent = z.infer<typeof yardContentSchema>;

export const yardSchema = z.object({
  ...envelopeShape,
  kind: z.literal('yard'),
  content: yardContentSchema,
});
export type Yard = z.infer<typeof yardSchema>;
