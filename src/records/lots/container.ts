import { recordKind, type RevisionOf } from '../recordKind';
import { z } from '../zod';
import { between, requiredText, wholeBetween, wrong } from '../fields';

export const CONTAINER_KINDS = ['bucket', 'tank', 'drum', 'tub', 'jar', 'comb-piece'] as const;
export type ContainerKind = (typeof CONTAINER_KINDS)[number];

/** Most vessels of one kind that are written as one entry. */
export const MOST_VESSELS = 500;

const positive = z
  .number()
  .gt(0, wrong('between', 0, 100_000))
  .max(100_000, wrong('between', 0, 100_000));
const plusMinus = between(0, 10_000);

const amountSchema = z.discriminatedUnion('by', [
  z.object({
    by: z.literal('mass'),
    massKg: positive,
    plusMinusKg: plusMinus,
  }),
  z.object({
    by: z.literal('volume'),
    volumeL: positive,
    plusMinusL: plusMinus,
  }),
  z.object({
    by: z.literal('fill-height'),
    innerDiameterCm: positive,
    fillHeightCm: positive,
    plusMinusCm: plusMinus,
  }),
]);

/** Why a vessel is judged by itself and never enters the figure of the lot. */
export const SUSPICIONS = ['open-frames', 'last-of-extractor', 'drip', 'other'] as const;
export type Suspicion = (typeof SUSPICIONS)[number];

export const containerContentSchema = z.object({
  containerKind: z.enum(CONTAINER_KINDS),
  label: requiredText(40, 'labelMissing'),
  count: wholeBetween(1, MOST_VESSELS),
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
  table: 'containers',
  since: 1,
  owner: 'lot',
  part: 'lot',
  content: containerContentSchema,
});
export type Container = RevisionOf<typeof containerKind>;
