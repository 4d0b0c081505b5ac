import { SHAKE_RESULTS } from '../../core';
import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { nameField, remarkField, shareTenths } from '../fields';
import { z } from '../zod';

const BOXES_SENTENCE = 'Judge between 1 and 2000 boxes in one go.';
const FRAMES_SENTENCE = 'A box has 1 to 40 frames.';

/** Many frames judged at one stroke: a box, a stack, a yard; some of them looked at closely. */
export const strokeContentSchema = z.object({
  scope: z.enum(['box', 'stack', 'yard']),
  label: nameField('what you judge'),
  yardId: idSchema.nullable(),
  /** boxes of the book that are judged; those over and above them were typed as a bare number */
  boxIds: z.array(idSchema).max(2000, BOXES_SENTENCE).optional(),
  boxes: z.number().int(BOXES_SENTENCE).min(1, BOXES_SENTENCE).max(2000, BOXES_SENTENCE),
  framesPerBox: z.number().int(FRAMES_SENTENCE).min(1, FRAMES_SENTENCE).max(40, FRAMES_SENTENCE),
  formatId: z.string().min(1),
  /** by the look of the whole */
  honeyTenths: shareTenths,
  cappedTenths: shareTenths,
  shake: z.enum(SHAKE_RESULTS),
  /** start of the systematic sample, 0..1 */
  start: z.number().min(0).lt(1),
  sampleSize: z.number().int().min(1),
  /** frames of the sample looked at: capped tenths of the poorer side */
  looks: z.array(z.object({ position: z.number().int().min(0), cappedTenths: shareTenths })),
  act: z.enum(['take', 'take-to-dry', 'put-back', 'leave']),
  remark: remarkField,
});
export type StrokeContent = z.infer<typeof strokeContentSchema>;

export const strokeKind = recordKind({
  kind: 'stroke',
  name: 'Boxes judged at a stroke',
  table: 'strokes',
  since: 2,
  owner: 'harvest',
  part: null,
  content: strokeContentSchema,
  refers: (content) => [
    { path: 'yardId', id: content.yardId, kind: 'yard' },
    ...each('boxIds', content.boxIds ?? [], 'box'),
  ],
  chain: ({ id, entityId, content }) => ({
    anchors: [id, entityId],
    follows: [content.yardId, ...(content.boxIds ?? [])],
  }),
});
export type Stroke = RevisionOf<typeof strokeKind>;
