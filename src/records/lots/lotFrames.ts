import { CLIMATES, HONEY_STATES } from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { reasonField, slotField } from '../fields';
import { COMB_COLOURS } from '../hives/frameCheck';
import { ownSchoolContentSchema } from '../hives/ownSchool';
import { z } from '../zod';

const kg = z.number().min(0).max(100_000);

/** A frame, or frames judged at one stroke, as they went into a lot. */
const lotFrameSchema = z.object({
  /** null for frames judged at one stroke */
  frameId: idSchema.nullable(),
  /** the box of the book that frames judged at one stroke hung in; null or missing where it is not in it */
  boxId: idSchema.nullable().optional(),
  /** revision of the look, or of the stroke, that it rests on */
  checkId: idSchema,
  count: z.number().int().min(1),
  hive: z.string(),
  box: z.string(),
  slot: slotField.nullable(),
  yard: z.string(),
  /** this one's flow, and those in which it was put back */
  flows: z.array(z.string()),
  honeyKg: kg,
  honeyStandardKg: kg,
  /** mass of honey in each state [kg] */
  states: z.partialRecord(z.enum(HONEY_STATES), kg),
  colours: z.array(z.enum(COMB_COLOURS)),
  /** pieces of comb honey, null where it is extracted */
  pieces: z.number().int().min(0).nullable(),
  /** why a block was looked past, empty where there was none */
  cleared: reasonField,
});
export type LotFrame = z.infer<typeof lotFrameSchema>;

/** What a lot was made of, as it was on the day; it stays with the lot. */
export const lotFramesContentSchema = z.object({
  harvestId: idSchema,
  /** the school as it stood, own ones may change later */
  school: z.object({ id: z.string().min(1), ...ownSchoolContentSchema.shape }),
  climate: z.enum(CLIMATES),
  frames: z.array(lotFrameSchema).min(1, 'framesMissing'),
});
export type LotFramesContent = z.infer<typeof lotFramesContentSchema>;

export const lotFramesKind = recordKind({
  kind: 'lot-frames',
  table: 'lotFrames',
  since: 2,
  owner: 'lot',
  part: 'lot',
  content: lotFramesContentSchema,
  refers: (content) => [{ path: 'harvestId', id: content.harvestId, kind: 'harvest' }],
  follows: ({ harvestId, frames }) => [
    harvestId,
    ...frames.flatMap((frame) => [frame.frameId, frame.checkId]),
  ],
});
export type LotFrames = RevisionOf<typeof lotFramesKind>;
