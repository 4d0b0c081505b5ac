import { FEATURE_COUNT, FEATURES_VERSION, PHOTO_CLASSES } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { wholeBetween } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

/** What the keeper set right on one photograph of comb; the next photograph is read by it. */
const cellLessonContentSchema = z.object({
  day: dayField,
  /** of the figures */
  version: z.literal(FEATURES_VERSION),
  /** points that were proposed */
  points: wholeBetween(1, 200),
  taps: z
    .array(
      z.object({
        proposed: z.enum(PHOTO_CLASSES),
        is: z.enum(PHOTO_CLASSES),
        figures: z.array(z.number()).length(FEATURE_COUNT),
      }),
    )
    .max(200),
});

export const cellLessonKind = recordKind({
  kind: 'cell-lesson',
  table: 'cellLessons',
  since: 11,
  owner: null,
  part: null,
  content: cellLessonContentSchema,
});
export type CellLesson = RevisionOf<typeof cellLessonKind>;
