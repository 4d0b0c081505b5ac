import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { between } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

/** Where a weight came from. */
export const WEIGHT_SOURCES = ['typed', 'stand-in'] as const;

/** A whole hive weighed on a day: stand, boxes, bees and honey. */
export const hiveWeightContentSchema = z.object({
  colonyId: idSchema,
  day: dayField,
  /** [kg] */
  massKg: between(3, 400),
  source: z.enum(WEIGHT_SOURCES),
});

export const hiveWeightKind = recordKind({
  kind: 'hive-weight',
  table: 'hiveWeights',
  since: 10,
  owner: null,
  part: null,
  content: hiveWeightContentSchema,
  refers: (content) => [{ path: 'colonyId', id: content.colonyId, kind: 'colony' }],
});
export type HiveWeight = RevisionOf<typeof hiveWeightKind>;
