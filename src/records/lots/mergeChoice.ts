import { idSchema } from '../envelope';
import { recordKind } from '../recordKind';
import { z } from '../zod';

/** Which of several revisions that replaced the same one was chosen to hold. */
export const mergeChoiceContentSchema = z.object({
  /** of what */
  of: idSchema,
  /** the revision that was chosen, and those that were not */
  chosen: idSchema,
  against: z.array(idSchema).min(1),
});

export const mergeChoiceKind = recordKind({
  kind: 'merge-choice',
  table: 'mergeChoices',
  since: 5,
  owner: null,
  part: null,
  content: mergeChoiceContentSchema,
});
