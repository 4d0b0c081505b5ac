import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { MOST_SLOTS, nameField, textField, wholeBetween } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

export const BOX_ROLES = ['honey', 'brood'] as const;

/** A stretch of days that a box stood on a hive. */
const boxStaySchema = z.object({
  colonyId: idSchema,
  role: z.enum(BOX_ROLES),
  /** null where nobody knows since when */
  onDay: dayField.nullable(),
  offDay: dayField.nullable(),
});

/** A hive box, or a tote: a closed container with places for frames, on no hive. */
export const boxContentSchema = z.object({
  boxKind: z.enum(['box', 'tote']),
  label: nameField(40),
  yardId: idSchema.nullable(),
  /** the hive on which it stands now, null for a tote or a box set aside */
  colonyId: idSchema.nullable(),
  role: z.enum(BOX_ROLES),
  formatId: z.string().min(1),
  slots: wholeBetween(1, MOST_SLOTS),
  /** a grid under it keeps the queen out */
  excluder: z.boolean(),
  newComb: z.boolean(),
  /** the honey last in it, as the keeper calls it */
  lastHoney: textField(60),
  cleanedSince: z.boolean(),
  onDay: dayField.nullable(),
  offDay: dayField.nullable(),
  /** where it stood before */
  earlier: z.array(boxStaySchema),
});
export type BoxContent = z.infer<typeof boxContentSchema>;

export const boxKind = recordKind({
  kind: 'box',
  table: 'boxes',
  since: 2,
  owner: null,
  part: 'book',
  content: boxContentSchema,
  refers: (content) => [
    { path: 'yardId', id: content.yardId, kind: 'yard' },
    { path: 'colonyId', id: content.colonyId, kind: 'colony' },
  ],
  chain: ({ entityId, content: { colonyId, earlier } }) => ({
    anchors: [entityId],
    follows: [colonyId, ...earlier.map((item) => item.colonyId)],
  }),
});
export type Box = RevisionOf<typeof boxKind>;
