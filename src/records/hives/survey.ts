import { SHAKE_RESULTS } from '../../core';
import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { nameField, remarkField, shareTenths, wholeBetween, wrong } from '../fields';
import { knownEyeSchema } from './look';
import { z } from '../zod';

/** Many frames judged at one stroke: a box, a stack, a yard; some of them looked at closely. */
export const surveyContentSchema = z.object({
  scope: z.enum(['box', 'stack', 'yard']),
  label: nameField(),
  yardId: idSchema.nullable(),
  /** boxes of the book that are judged; those over and above them were typed as a bare number */
  boxIds: z.array(idSchema).max(2000, wrong('tooMany', 2000)).optional(),
  boxes: wholeBetween(1, 2000),
  framesPerBox: wholeBetween(1, 40),
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
  /** of who judged, where it had practised; none: as any eye */
  eye: knownEyeSchema.optional(),
  act: z.enum(['take', 'take-to-dry', 'put-back', 'leave']),
  remark: remarkField,
});
export type SurveyContent = z.infer<typeof surveyContentSchema>;

export const surveyKind = recordKind({
  kind: 'stroke',
  table: 'strokes',
  since: 2,
  owner: 'harvest',
  part: null,
  content: surveyContentSchema,
  refers: (content) => [
    { path: 'yardId', id: content.yardId, kind: 'yard' },
    ...each('boxIds', content.boxIds ?? [], 'box'),
  ],
  chain: ({ id, entityId, content }) => ({
    anchors: [id, entityId],
    follows: [content.yardId, ...(content.boxIds ?? [])],
  }),
});
export type Survey = RevisionOf<typeof surveyKind>;
