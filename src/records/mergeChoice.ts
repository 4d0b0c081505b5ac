import { envelopeShape, idSchema } from './envelope';
import { z } from './zod';

/** Which of several revisions that replaced the same one was chosen to hold. */
export const mergeChoiceContentSchema = z.object({
  /** of what */
  of: idSchema,
  /** the revision that was chosen, and those that were not */
  chosen: idSchema,
  against: z.array(idSchema).min(1),
});

export const mergeChoiceSchema = z.object({
  ...envelopeShape,
  kind: z.literal('merge-choice'),
  content: mergeChoiceContentSchema,
});
