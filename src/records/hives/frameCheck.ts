import {
  BEETLE_SIGHTS,
  BROOD_AMOUNTS,
  COMB_FACES,
  DECISIONS,
  SCALES,
  SHAKE_RESULTS,
} from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import {
  airTemperatureField,
  between,
  reasonField,
  remarkField,
  shareTenths,
  slotField,
} from '../fields';
import { dayField } from '../moments';
import { knownEyeSchema, proposalSchema } from './look';
import { MARKS_PATTERN, POINT_COUNTS, CELL_COUNT } from './marks';
import { z } from '../zod';

/** How the shares of a side were found. */
export const METHODS = ['quick', 'points', 'paint'] as const;
export type Method = (typeof METHODS)[number];

/** Colour of the honey as guessed in the comb; settled only in glass. */
export const COMB_COLOURS = [
  'unseen',
  'very-light',
  'light',
  'amber',
  'dark',
  'very-dark',
  'mixed',
] as const;

export const BROOD_STAGES = ['eggs', 'larvae', 'capped'] as const;

const marksOf = (counts: readonly number[]) =>
  z
    .string()
    .regex(MARKS_PATTERN, 'badMarks')
    .refine((text) => counts.includes(text.length), 'badMarks');

export const sideSchema = z
  .object({
    method: z.enum(METHODS),
    quick: z
      .object({
        honeyTenths: shareTenths,
        cappedTenths: shareTenths,
        undrawnTenths: shareTenths,
        broodTenths: shareTenths,
      })
      .refine(
        (item) => item.honeyTenths + item.undrawnTenths + item.broodTenths <= 10,
        'sideTooFull',
      ),
    /** one letter a point of the grid; null where not counted */
    points: marksOf(POINT_COUNTS).nullable(),
    /** one letter a cell of the drawn comb; null where not painted */
    cells: marksOf([CELL_COUNT]).nullable(),
    shake: z.enum(SHAKE_RESULTS),
    firmness: z.enum(['gentle', 'sharp']),
    face: z.enum(COMB_FACES),
    colour: z.enum(COMB_COLOURS),
    oldComb: z.boolean(),
    /** by a photograph; none where the points were tapped one by one */
    proposal: proposalSchema.optional(),
  })
  .refine((side) => side.method !== 'points' || side.points !== null, 'pointsMissing')
  .refine((side) => side.method !== 'paint' || side.cells !== null, 'paintMissing');
export type Side = z.infer<typeof sideSchema>;

export const heftSchema = z.object({
  grossKg: between(0.1, 20),
  by: z.enum(['hand', 'scale']),
});

export const cellReadingSchema = z.object({
  scale: z.enum(SCALES),
  dialValue: between(1, 90),
  temperatureC: airTemperatureField,
  atc: z.boolean().nullable(),
});

/** What the keeper did with the frame, beside what the school proposed. */
export const frameDecisionSchema = z.object({
  schoolId: z.string().min(1),
  proposed: z.enum(DECISIONS),
  act: z.enum(DECISIONS),
  /** why otherwise than proposed; may be empty */
  because: reasonField,
  /** the day to look again, null where nobody need to */
  lookAgainDay: dayField.nullable(),
});

/** One look at one frame, both sides. */
export const frameCheckContentSchema = z.object({
  harvestId: idSchema,
  frameId: idSchema,
  boxId: idSchema,
  slot: slotField,
  day: dayField,
  sides: z.array(sideSchema).length(2),
  combTemperatureC: airTemperatureField,
  brood: z.enum(BROOD_AMOUNTS),
  broodStages: z.array(z.enum(BROOD_STAGES)),
  /** why a few cells of brood were looked past; empty: they were not */
  broodExcuse: reasonField,
  queenSeen: z.boolean(),
  mitesSeen: z.boolean(),
  beetles: z.enum(BEETLE_SIGHTS),
  heft: heftSchema.nullable(),
  /** section frame: one letter a piece, r ripe on both sides, n not */
  pieces: z
    .string()
    .regex(/^[rn]{1,32}$/, 'badPieces')
    .nullable(),
  cellReading: cellReadingSchema.nullable(),
  /** why a block by treatment or feed was looked past after reading the label; empty: it was not */
  blockExcuse: reasonField,
  /** of who judged, where it had practised; none: as any eye */
  eye: knownEyeSchema.optional(),
  decision: frameDecisionSchema,
  remark: remarkField,
});
export type FrameCheckContent = z.infer<typeof frameCheckContentSchema>;

export const frameCheckKind = recordKind({
  kind: 'frame-check',
  table: 'frameChecks',
  since: 2,
  owner: 'box',
  part: null,
  content: frameCheckContentSchema,
  indexes: {
    2: 'content.harvestId, content.frameId, content.decision.lookAgainDay, content.beetles',
    5: 'content.decision.act',
  },
  refers: (content) => [
    { path: 'harvestId', id: content.harvestId, kind: 'harvest' },
    { path: 'frameId', id: content.frameId, kind: 'frame' },
    { path: 'boxId', id: content.boxId, kind: 'box' },
  ],
  chain: ({ content }) => ({ anchors: [content.frameId], follows: [] }),
});
export type FrameCheck = RevisionOf<typeof frameCheckKind>;
