import { envelopeShape, idSchema } from './envelope';
import { slotField } from './fields';
import { dayField } from './moments';
import { z } from './zod';

/** A frame of comb, from its first look on: where it hangs, and where it hung. */
export const frameContentSchema = z.object({
  boxId: idSchema,
  slot: slotField,
  sinceDay: dayField.nullable(),
  /** boxes in which it hung before */
  earlier: z.array(
    z.object({ boxId: idSchema, sinceDay: dayField.nullable(), untilDay: dayField }),
  ),
  /** the hive it was taken from; kept when it is moved */
  hiveId: idSchema.nullable(),
  /** brood was reared in it: it inherits what its colony was given */
  formerBrood: z.boolean(),
});
export type FrameContent = z.infer<typeof frameContentSchema>;

export const frameSchema = z.object({
  ...envelopeShape,
  kind: z.literal('frame'),
  content: frameContentSchema,
});
export type Frame = z.infer<typeof frameSchema>;
