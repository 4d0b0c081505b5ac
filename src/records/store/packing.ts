import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField } from '../fields';
import { dayField, momentField } from '../moments';
import { releaseSchema } from './release';
import { z } from '../zod';

/** Most jars of one run. */
export const MOST_JARS = 5000;

const COUNT = `Type how many jars there are, 1 to ${MOST_JARS}.`;

/** Jars filled at one go from vessels of one lot. */
export const packingContentSchema = z.object({
  /** the code on the jars; a jar's own number follows it */
  code: z
    .string()
    .trim()
    .regex(
      /^[A-Za-z0-9][A-Za-z0-9.-]{0,23}$/,
      'A jar code has letters, digits, dots and hyphens, 24 at most.',
    ),
  packedAt: momentField,
  jarG: between(5, 20_000, 'A jar holds 5 g to 20 kg.'),
  count: z.number().int(COUNT).min(1, COUNT).max(MOST_JARS, COUNT),
  from: z
    .array(
      z.object({
        containerId: idSchema,
        item: z.number().int().min(1),
        massKg: between(0.001, 100_000, 'Type kilograms, more than 0.'),
      }),
    )
    .min(1, 'Say from which container the jars were filled.'),
  bestBefore: dayField,
  release: releaseSchema.optional(),
  remark: remarkField,
});
export type PackingContent = z.infer<typeof packingContentSchema>;

export const packingKind = recordKind({
  kind: 'packing',
  name: 'Jars filled',
  table: 'packings',
  since: 5,
  owner: 'lot',
  part: 'lot',
  content: packingContentSchema,
  refers: (content) =>
    each(
      'from',
      content.from.map((one) => one.containerId),
      'container',
    ),
});
export type Packing = RevisionOf<typeof packingKind>;
