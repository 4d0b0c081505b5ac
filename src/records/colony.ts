import { envelopeShape, idSchema } from './envelope';
import { nameField, remarkField } from './fields';
import { z } from './zod';

/** What is known of the bees' health; an unknown or suspect source feeds no other colony. */
export const HEALTH = ['sound', 'unknown', 'suspect'] as const;

const KEEP_SENTENCE = 'What a colony keeps is between 0 and 100.';
const keepAmount = z.number().min(0, KEEP_SENTENCE).max(100, KEEP_SENTENCE);

/** What the keeper wants to leave to the colony; never invented by the program. */
export const keepTargetSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('mass'), kg: keepAmount }),
  z.object({ by: z.literal('frames'), frames: keepAmount }),
]);

export const colonyContentSchema = z.object({
  yardId: idSchema,
  name: nameField('the hive'),
  keep: keepTargetSchema.nullable(),
  health: z.enum(HEALTH),
  remark: remarkField,
});
export type ColonyContent = z.infer<typeof colonyContentSchema>;

export const colonySchema = z.object({
  ...envelopeShape,
  kind: z.literal('colony'),
  content: colonyContentSchema,
});
export type Colony = z.infer<typeof colonySchema>;
