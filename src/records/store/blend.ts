import { BLEND_AIMS } from '../../core';
import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, remarkField } from '../fields';
import { dayField, momentField } from '../moments';
import { z } from '../zod';

/** One line of a pouring list. */
const pourLineSchema = z.object({
  lotId: idSchema,
  containerId: idSchema,
  item: z.number().int().min(1),
  /** as it was called on that day */
  label: z.string(),
  lotCode: z.string(),
  massKg: between(0.001, 100_000),
  meanPercent: between(5, 40),
});

const blendTankSchema = z.object({
  label: nameField(40),
  capacityKg: between(1, 100_000),
  /** the lot that came of it; null until it was poured */
  lotId: idSchema.nullable(),
  expected: z.object({
    meanPercent: between(5, 40),
    standardPercent: between(0, 10),
  }),
  pours: z.array(pourLineSchema).min(1),
});

/** A blend as it was decided: which container into which tank. */
export const blendContentSchema = z.object({
  name: nameField(),
  day: dayField,
  targetPercent: between(14, 25),
  aim: z.enum(BLEND_AIMS),
  mixFlows: z.boolean(),
  mixColours: z.boolean(),
  wholeOnly: z.boolean(),
  tanks: z.array(blendTankSchema).min(1, 'tankMissing'),
  remark: remarkField,
});
export type BlendContent = z.infer<typeof blendContentSchema>;

export const blendKind = recordKind({
  kind: 'blend',
  table: 'blends',
  since: 5,
  owner: null,
  part: 'blend',
  content: blendContentSchema,
  refers: (content) =>
    content.tanks.flatMap(({ lotId, pours }, at) => [
      { path: `tanks[${at}].lotId`, id: lotId, kind: 'lot' },
      ...each(
        `tanks[${at}].pours`,
        pours.map((pour) => pour.lotId),
        'lot',
      ),
    ]),
  chain: ({ content: { tanks } }) => ({
    anchors: tanks.map((tank) => tank.lotId),
    follows: tanks.flatMap((tank) => tank.pours.map((pour) => pour.lotId)),
  }),
});
export type Blend = RevisionOf<typeof blendKind>;

/** A line of the pouring list ticked off, with what the scale said. */
export const blendTickContentSchema = z.object({
  /** places in the blend, from 0 */
  tank: z.number().int().min(0),
  pour: z.number().int().min(0),
  /** what came into the tank */
  massKg: between(0, 100_000),
  /** what left the container and came into no tank; nothing where not there */
  spiltKg: between(0, 100_000).optional(),
  at: momentField,
});

export const blendTickKind = recordKind({
  kind: 'blend-tick',
  table: 'blendTicks',
  since: 5,
  owner: 'blend',
  part: 'blend',
  content: blendTickContentSchema,
  chain: ({ ownerId }) => ({ anchors: [ownerId], follows: [] }),
});
export type BlendTick = RevisionOf<typeof blendTickKind>;
