import { CLEAN_UP_TASKS } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { reasonField } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

/** A task of cleaning up that was done, or put aside with a reason. */
export const choreContentSchema = z
  .object({
    task: z.enum(CLEAN_UP_TASKS),
    doneAt: momentField,
    /** done as it says, or otherwise */
    how: z.enum(['done', 'otherwise']),
    because: reasonField,
  })
  .refine((item) => item.how === 'done' || item.because !== '', {
    path: ['because'],
    message: 'otherwiseMissing',
  });
export type ChoreContent = z.infer<typeof choreContentSchema>;

export const choreKind = recordKind({
  kind: 'chore',
  table: 'chores',
  since: 4,
  owner: 'extraction',
  part: 'extraction',
  content: choreContentSchema,
});
export type Chore = RevisionOf<typeof choreKind>;
