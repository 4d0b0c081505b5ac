import { TEMPERS } from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, remarkField } from '../fields';
import { z } from '../zod';

/** What is known of the bees' health; an unknown or suspect source feeds no other colony. */
export const HEALTH = ['sound', 'unknown', 'suspect'] as const;

const keepAmount = between(0, 100);

/** What the keeper wants to leave to the colony; never invented by the program. */
export const keepTargetSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('mass'), kg: keepAmount }),
  z.object({ by: z.literal('frames'), frames: keepAmount }),
  z.object({ by: z.literal('boxes'), boxes: between(0, 5) }),
]);

export const colonyContentSchema = z.object({
  yardId: idSchema,
  name: nameField(),
  keep: keepTargetSchema.nullable(),
  health: z.enum(HEALTH),
  /** how it behaves when it is opened; null or left out: nobody said */
  temper: z.enum(TEMPERS).nullable().optional(),
  remark: remarkField,
});
export type ColonyContent = z.infer<typeof colonyContentSchema>;

export const colonyKind = recordKind({
  kind: 'colony',
  table: 'colonies',
  since: 2,
  owner: null,
  part: 'book',
  content: colonyContentSchema,
  refers: (content) => [{ path: 'yardId', id: content.yardId, kind: 'yard' }],
  chain: ({ entityId, content }) => ({ anchors: [entityId], follows: [content.yardId] }),
});
export type Colony = RevisionOf<typeof colonyKind>;
