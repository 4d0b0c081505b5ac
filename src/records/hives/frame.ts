import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { slotField } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

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

export const frameKind = recordKind({
  kind: 'frame',
  table: 'frames',
  since: 2,
  owner: 'box',
  part: null,
  content: frameContentSchema,
  indexes: { 2: 'content.boxId' },
  refers: (content) => [
    { path: 'boxId', id: content.boxId, kind: 'box' },
    { path: 'hiveId', id: content.hiveId, kind: 'colony' },
  ],
  chain: ({ entityId, content }) => ({
    anchors: [entityId],
    follows: [content.hiveId, content.boxId],
  }),
});
export type Frame = RevisionOf<typeof frameKind>;
