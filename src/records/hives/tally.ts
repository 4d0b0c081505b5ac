import { recordKind, type RevisionOf } from '../recordKind';
import { textField } from '../fields';
import { z } from '../zod';

const count = z.number().int().min(0).max(100_000);

/** What somebody does at the hives. */
export const HIVE_JOBS = ['both', 'judges', 'carries'] as const;
export type HiveJob = (typeof HIVE_JOBS)[number];

/** The running count of a day on one device: those of all devices add up. */
export const tallyContentSchema = z.object({
  frames: count,
  boxes: count,
  totes: count,
  /** the device that counts; none where not there: written before devices counted apart */
  counter: textField(60).optional(),
  /** who counts on it, and what they do */
  who: textField(20).optional(),
  job: z.enum(HIVE_JOBS).optional(),
});
export type TallyContent = z.infer<typeof tallyContentSchema>;

export const tallyKind = recordKind({
  kind: 'tally',
  table: 'tallies',
  since: 2,
  owner: 'harvest',
  part: null,
  content: tallyContentSchema,
});
export type Tally = RevisionOf<typeof tallyKind>;
