import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { dayField } from '../moments';
import { z } from '../zod';

/** A picture scaled down and without the data that cameras add. */
export const jpegShape = {
  width: z.number().int().min(1).max(4000),
  height: z.number().int().min(1).max(4000),
  /** JPEG, base64 */
  jpegBase64: z.string().regex(/^[A-Za-z0-9+/=]+$/, 'notRight'),
} as const;

/** A photograph of a side, scaled down and without the data that cameras add. */
export const photoContentSchema = z.object({
  frameId: idSchema,
  harvestId: idSchema,
  side: z.number().int().min(0).max(1),
  day: dayField,
  ...jpegShape,
});

export const photoKind = recordKind({
  kind: 'photo',
  table: 'photos',
  since: 2,
  owner: 'frame',
  part: null,
  content: photoContentSchema,
  refers: (content) => [
    { path: 'frameId', id: content.frameId, kind: 'frame' },
    { path: 'harvestId', id: content.harvestId, kind: 'harvest' },
  ],
});
export type Photo = RevisionOf<typeof photoKind>;
