import { LEAVING_STEPS } from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { momentField } from '../moments';
import { z } from '../zod';

/** Something that was done with what stays on a hive. */
const leavingActContentSchema = z.object({
  colonyId: idSchema,
  step: z.enum(LEAVING_STEPS),
  /** the hive that gave a frame; null for all else */
  fromColonyId: idSchema.nullable(),
  at: momentField,
});

export const leavingActKind = recordKind({
  kind: 'leaving-act',
  table: 'leavingActs',
  since: 10,
  owner: 'harvest',
  part: null,
  content: leavingActContentSchema,
  refers: (content) => [
    { path: 'colonyId', id: content.colonyId, kind: 'colony' },
    { path: 'fromColonyId', id: content.fromColonyId, kind: 'colony' },
  ],
});
export type LeavingAct = RevisionOf<typeof leavingActKind>;
