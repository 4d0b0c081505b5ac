import { recordKind, type RevisionOf } from '../recordKind';
import { remarkField } from '../fields';
import { initialsField, momentField } from '../moments';
import { z } from '../zod';

/** What a check of a batch looked at: all its honey, or only open or capped cells. */
export const CHECKED_PARTS = ['all', 'open', 'capped'] as const;
export type CheckedPart = (typeof CHECKED_PARTS)[number];

const MOISTURE = 'Honey in the comb reads 10 to 30 % water.';
const DOUBT = 'What a reading may be off by lies between 0.1 and 5 %.';
const WEIGHT = 'A box weighs 1 to 100 kg.';

const weightField = z.number().min(1, WEIGHT).max(100, WEIGHT);

const foundSchema = z.discriminatedUnion('by', [
  z.object({
    by: z.literal('moisture'),
    of: z.enum(CHECKED_PARTS),
    /** corrected [%] */
    percent: z.number().min(10, MOISTURE).max(30, MOISTURE),
    /** expanded, from comb to comb included [%] */
    plusMinus: z.number().min(0.1, DOUBT).max(5, DOUBT),
  }),
  z.object({
    by: z.literal('weight'),
    /** the same box, with wood and wax, when it came in and now [kg] */
    firstKg: weightField,
    nowKg: weightField,
    tareKg: z
      .number()
      .min(0, 'Wood and wax weigh 0 to 30 kg.')
      .max(30, 'Wood and wax weigh 0 to 30 kg.'),
    /** of the scale, expanded [kg] */
    plusMinusKg: z
      .number()
      .min(0.005, 'A scale is off by 5 g and more.')
      .max(5, 'A scale that is off by more than 5 kg is none.'),
  }),
]);

export const batchCheckContentSchema = z
  .object({ takenAt: momentField, who: initialsField, found: foundSchema, remark: remarkField })
  .superRefine(({ found }, context) => {
    if (found.by === 'moisture') return;
    const message =
      found.firstKg <= found.tareKg
        ? 'With wood and wax it weighs more than wood and wax alone.'
        : Math.abs(found.firstKg - found.nowKg) > 0.15 * (found.firstKg - found.tareKg)
          ? 'So much water does not come or go; is it the same box?'
          : null;
    if (message) context.addIssue({ code: 'custom', path: ['found', 'nowKg'], message });
  });
export type BatchCheckContent = z.infer<typeof batchCheckContentSchema>;

export const batchCheckKind = recordKind({
  kind: 'batch-check',
  name: 'Checks of batches',
  table: 'batchChecks',
  since: 3,
  owner: 'batch',
  part: 'warm-room',
  content: batchCheckContentSchema,
  chain: ({ ownerId }) => ({ anchors: [ownerId], follows: [] }),
});
export type BatchCheck = RevisionOf<typeof batchCheckKind>;
