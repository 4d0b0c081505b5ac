import { meterShape, prismTemperatureField } from '../bench/meterFields';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, remarkField } from '../fields';
import { initialsField, momentField } from '../moments';
import { z } from '../zod';

/** What a check of a batch looked at: all its honey, or only open or capped cells. */
export const CHECKED_PARTS = ['all', 'open', 'capped'] as const;
export type CheckedPart = (typeof CHECKED_PARTS)[number];

const weightField = between(1, 100);

/** A look at the dial of a meter, from which the water was computed. */
const readSchema = z.object({
  instrumentId: idSchema.nullable(),
  ...meterShape,
  zeroCheck: z.enum(['checked', 'unchecked']),
  dialValue: z.number(),
  temperatureC: prismTemperatureField.nullable(),
});

const foundSchema = z.discriminatedUnion('by', [
  z.object({
    by: z.literal('moisture'),
    of: z.enum(CHECKED_PARTS),
    /** corrected [%] */
    percent: between(10, 30),
    /** expanded, from comb to comb included [%] */
    plusMinus: between(0.1, 5),
    /** the dial that it was read off; not there where it was typed corrected */
    read: readSchema.optional(),
  }),
  z.object({
    by: z.literal('weight'),
    /** the same box, with wood and wax, when it came in and now [kg] */
    firstKg: weightField,
    nowKg: weightField,
    tareKg: between(0, 30),
    /** of the scale, expanded [kg] */
    plusMinusKg: between(0.005, 5),
  }),
]);

export const batchCheckContentSchema = z
  .object({ takenAt: momentField, who: initialsField, found: foundSchema, remark: remarkField })
  .superRefine(({ found }, context) => {
    if (found.by === 'moisture') return;
    const message =
      found.firstKg <= found.tareKg
        ? 'lighterThanTare'
        : Math.abs(found.firstKg - found.nowKg) > 0.15 * (found.firstKg - found.tareKg)
          ? 'notTheSameBox'
          : null;
    if (message) context.addIssue({ code: 'custom', path: ['found', 'nowKg'], message });
  });
export type BatchCheckContent = z.infer<typeof batchCheckContentSchema>;

export const batchCheckKind = recordKind({
  kind: 'batch-check',
  table: 'batchChecks',
  since: 3,
  owner: 'batch',
  part: 'warm-room',
  content: batchCheckContentSchema,
  refers: ({ found }) => [
    {
      path: 'found.read.instrumentId',
      id: found.by === 'moisture' ? (found.read?.instrumentId ?? null) : null,
      kind: 'instrument',
    },
  ],
  chain: ({ ownerId }) => ({ anchors: [ownerId], follows: [] }),
});
export type BatchCheck = RevisionOf<typeof batchCheckKind>;
