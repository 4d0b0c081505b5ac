import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { remarkField } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

/** What became of jars that were called back. */
export const CALL_BACK_ENDS = ['returned', 'destroyed', 'warned', 'eaten', 'not-found'] as const;
export type CallBackEnd = (typeof CALL_BACK_ENDS)[number];

/** Jars given out of a lot that was blocked afterwards: what was done about them. */
const callBackContentSchema = z.object({
  jarMoveId: idSchema,
  done: z.enum(CALL_BACK_ENDS),
  at: momentField,
  remark: remarkField,
});

export const callBackKind = recordKind({
  kind: 'call-back',
  table: 'callBacks',
  since: 7,
  owner: 'lot',
  part: 'lot',
  content: callBackContentSchema,
  refers: (content) => [{ path: 'jarMoveId', id: content.jarMoveId, kind: 'jar-move' }],
});
export type CallBack = RevisionOf<typeof callBackKind>;
