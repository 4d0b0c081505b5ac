import { envelopeShape } from './envelope';
import { z } from './zod';

const count = z.number().int().min(0).max(100_000);

/** The running count of a day. */
export const tallyContentSchema = z.object({ frames: count, boxes: count, totes: count });
export type TallyContent = z.infer<typeof tallyContentSchema>;

export const tallySchema = z.object({
  ...envelopeShape,
  kind: z.literal('tally'),
  content: tallyContentSchema,
});
export type Tally = z.infer<typeof tallySchema>;
