import { DAY_MS, LAYOUTS, LONGEST_BATCH_DAYS } from '../../core';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { airTemperatureField, nameField, remarkField } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

const MOISTURE = 'Honey in the comb has 12 to 30 % water.';
const BOXES = 'A batch has 1 to 5,000 boxes.';
const HONEY = 'A box holds 0.2 to 60 kg of honey.';
const TARGET = 'Dry enough is 14 to 23 %.';

const moistureField = z.number().min(12, MOISTURE).max(30, MOISTURE);

export const batchContentSchema = z
  .object({
    name: nameField('the batch'),
    /** lots whose honey it is; none where they are not made yet */
    lotIds: z.array(z.string()).max(50),
    boxes: z.number().int(BOXES).min(1, BOXES).max(5000, BOXES),
    honeyKgPerBox: z.number().min(0.2, HONEY).max(60, HONEY),
    /** share of the honey that is not under cappings [1] */
    openShare: z.number().min(0, 'Open honey is 0 to 100 %.').max(1, 'Open honey is 0 to 100 %.'),
    openPercent: moistureField,
    cappedPercent: moistureField,
    /** what the start moisture may be off by, expanded [%] */
    plusMinusPercent: z
      .number()
      .min(0.1, 'No start moisture is known better than ± 0.1.')
      .max(6, 'Measure it first: ± 6 says nothing.'),
    /** of the honey when it came in; null: as warm as the air outside */
    temperatureC: airTemperatureField,
    layout: z.enum(LAYOUTS),
    inAt: momentField,
    /** null while it is in */
    outAt: momentField.nullable(),
    targetPercent: z.number().min(14, TARGET).max(23, TARGET),
    remark: remarkField,
  })
  .superRefine(({ inAt, outAt }, context) => {
    const say = (message: string): void =>
      context.addIssue({ code: 'custom', path: ['outAt'], message });
    if (outAt === null) return;
    if (outAt <= inAt) say('It goes out after it came in.');
    else if (Date.parse(outAt) - Date.parse(inAt) > LONGEST_BATCH_DAYS * DAY_MS) {
      say(`A batch is in for at most ${LONGEST_BATCH_DAYS} days: check both dates.`);
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
  name: 'Batches',
  table: 'batches',
  since: 3,
  owner: 'warm-room',
  part: 'warm-room',
  content: batchContentSchema,
  refers: (content) => each('lotIds', content.lotIds, 'lot'),
  chain: ({ ownerId, content }) => ({ anchors: content.lotIds, follows: [ownerId] }),
});
export type Batch = RevisionOf<typeof batchKind>;
