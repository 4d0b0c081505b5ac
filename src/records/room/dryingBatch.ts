import { DAY_MS, LAYOUTS, LONGEST_BATCH_DAYS } from '../../core';
import { each, recordKind, type RevisionOf } from '../recordKind';
import {
  airTemperatureField,
  between,
  nameField,
  remarkField,
  wholeBetween,
  wrong,
} from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

const moistureField = between(12, 30);

export const batchContentSchema = z
  .object({
    name: nameField(),
    /** lots whose honey it is; none where they are not made yet */
    lotIds: z.array(z.string()).max(50),
    boxes: wholeBetween(1, 5000),
    honeyKgPerBox: between(0.2, 60),
    /** share of the honey that is not under cappings [1] */
    openShare: between(0, 1),
    openPercent: moistureField,
    cappedPercent: moistureField,
    /** what the start moisture may be off by, expanded [%] */
    plusMinusPercent: between(0.1, 6),
    /** of the honey when it came in; null: as warm as the air outside */
    temperatureC: airTemperatureField,
    layout: z.enum(LAYOUTS),
    inAt: momentField,
    /** null while it is in */
    outAt: momentField.nullable(),
    targetPercent: between(14, 23),
    remark: remarkField,
  })
  .superRefine(({ inAt, outAt }, context) => {
    const fail = (message: string): void =>
      context.addIssue({ code: 'custom', path: ['outAt'], message });
    if (outAt === null) return;
    if (outAt <= inAt) fail('outBeforeIn');
    else if (Date.parse(outAt) - Date.parse(inAt) > LONGEST_BATCH_DAYS * DAY_MS) {
      fail(wrong('longestBatch', LONGEST_BATCH_DAYS));
    }
  });
export type BatchContent = z.infer<typeof batchContentSchema>;

/**
 * When a batch leaves the room, or left it [ms]. One that nobody took out is taken to have left after
 * the longest time that a batch stays: whoever forgot to write it down is asked (`isForgotten`).
 */
export function batchEndMs({ inAt, outAt }: BatchContent, nowMs: number): number {
  if (outAt !== null) return Date.parse(outAt);
  return isForgotten({ inAt, outAt }, nowMs)
    ? Date.parse(inAt) + LONGEST_BATCH_DAYS * DAY_MS
    : Infinity;
}

/** Whether a batch is said to be in for longer than combs ever are. */
export function isForgotten(
  { inAt, outAt }: Pick<BatchContent, 'inAt' | 'outAt'>,
  nowMs: number,
): boolean {
  return outAt === null && nowMs - Date.parse(inAt) > LONGEST_BATCH_DAYS * DAY_MS;
}

export const batchKind = recordKind({
  kind: 'batch',
  table: 'batches',
  since: 3,
  owner: 'warm-room',
  part: 'warm-room',
  content: batchContentSchema,
  refers: (content) => each('lotIds', content.lotIds, 'lot'),
  chain: ({ ownerId, content }) => ({ anchors: content.lotIds, follows: [ownerId] }),
});
export type Batch = RevisionOf<typeof batchKind>;
