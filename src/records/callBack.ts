import { envelopeShape, idSchema } from './envelope';
import { remarkField } from './fields';
import { momentField } from './moments';
import { z } from './zod';

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

export const callBackSchema = z.object({
  ...envelopeShape,
  kind: z.literal('call-back'),
  content: callBackContentSchema,
});
export type CallBack = z.infer<typeof callBackSchema>;
