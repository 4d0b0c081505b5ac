import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField, wholeBetween } from '../fields';
import { dayField, momentField } from '../moments';
import { releaseSchema } from './release';
import { z } from '../zod';

/** Most jars of one run. */
export const MOST_JARS = 5000;

/** Jars filled at one go from vessels of one lot. */
export const packingContentSchema = z.object({
  /** the code on the jars; a jar's own number follows it */
  code: z
    .string()
    .trim()
    .regex(/^[A-Za-z0-9][A-Za-z0-9.-]{0,23}$/, 'badJarCode'),
  packedAt: momentField,
  jarG: between(5, 20_000),
  count: wholeBetween(1, MOST_JARS),
  from: z
    .array(
      z.object({
        containerId: idSchema,
        item: z.number().int().min(1),
        massKg: between(0.001, 100_000),
      }),
    )
    .min(1, 'fromMissing'),
  bestBefore: dayField,
  release: releaseSchema.optional(),
  remark: remarkField,
});
export type PackingContent = z.infer<typeof packingContentSchema>;

export const packingKind = recordKind({
  kind: 'packing',
  table: 'packings',
  since: 5,
  owner: 'lot',
  part: 'lot',
  content: packingContentSchema,
  refers: (content) =>
    each(
      'from',
      content.from.map((item) => item.containerId),
      'container',
    ),
});
export type Packing = RevisionOf<typeof packingKind>;
