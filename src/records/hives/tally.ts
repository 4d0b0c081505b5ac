import { recordKind, type RevisionOf } from '../recordKind';
import { z } from '../zod';

const count = z.number().int().min(0).max(100_000);

/** The running count of a day. */
export const tallyContentSchema = z.object({ frames: count, boxes: count, totes: count });
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
