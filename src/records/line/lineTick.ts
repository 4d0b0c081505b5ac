import { recordKind, type RevisionOf } from '../recordKind';
import { momentField } from '../moments';
import { z } from '../zod';

/** What is ticked off at the line. */
export const TICKS = ['load-out', 'pail-full', 'scraped'] as const;
export type Tick = (typeof TICKS)[number];

export const lineTickContentSchema = z.object({ what: z.enum(TICKS), at: momentField });

export const lineTickKind = recordKind({
  kind: 'line-tick',
  table: 'lineTicks',
  since: 4,
  owner: 'extraction',
  part: 'extraction',
  content: lineTickContentSchema,
  chain: ({ ownerId }) => ({ anchors: [ownerId], follows: [] }),
});
export type LineTickRecord = RevisionOf<typeof lineTickKind>;
