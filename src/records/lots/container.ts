import { recordKind, type RevisionOf } from '../recordKind';
import { z } from '../zod';

export const CONTAINER_KINDS = ['bucket', 'tank', 'drum', 'tub', 'jar', 'comb-piece'] as const;
export type ContainerKind = (typeof CONTAINER_KINDS)[number];

/** Most vessels of one kind that are written as one entry. */
export const MOST_VESSELS = 500;

const positive = (sentence: string) => z.number().gt(0, sentence).max(100_000, sentence);
const plusMinus = z
  .number()
  .min(0, 'What it may be off by is 0 or more.')
  .max(10_000, 'That ± is larger than any vessel.');

const amountSchema = z.discriminatedUnion('by', [
  z.object({
    by: z.literal('mass'),
    massKg: positive('The mass is more than 0.'),
    plusMinusKg: plusMinus,
  }),
  z.object({
    by: z.literal('volume'),
    volumeL: positive('The volume is more than 0.'),
    plusMinusL: plusMinus,
  }),
  z.object({
    by: z.literal('fill-height'),
    innerDiameterCm: positive('The inner diameter is more than 0.'),
    fillHeightCm: positive('The fill height is more than 0.'),
    plusMinusCm: plusMinus,
  }),
]);

const COUNT_SENTENCE = `Type how many there are, 1 to ${MOST_VESSELS}.`;

/** Why a vessel is judged by itself and never enters the figure of the lot. */
export const SUSPICIONS = ['open-frames', 'last-of-extractor', 'drip', 'other'] as const;
export type Suspicion = (typeof SUSPICIONS)[number];

export const containerContentSchema = z.object({
  containerKind: z.enum(CONTAINER_KINDS),
  label: z
    .string()
    .trim()
    .min(1, 'Give it a label that you find again on the vessel.')
    .max(40, 'Keep the label under 40 letters.'),
  count: z.number().int(COUNT_SENTENCE).min(1, COUNT_SENTENCE).max(MOST_VESSELS, COUNT_SENTENCE),
  /** in each vessel; null where not known */
  amount: amountSchema.nullable(),
  /** vessels of this entry that are under suspicion, counted from 1 */
  suspects: z.array(
    z.object({
      item: z.number().int().min(1).max(MOST_VESSELS),
      because: z.enum(SUSPICIONS),
    }),
  ),
});
export type ContainerContent = z.infer<typeof containerContentSchema>;

export const containerKind = recordKind({
  kind: 'container',
  name: 'Containers',
  table: 'containers',
  since: 1,
  owner: 'lot',
  part: 'lot',
  content: containerContentSchema,
});
export type Container = RevisionOf<typeof containerKind>;
