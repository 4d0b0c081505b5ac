import { envelopeShape } from './envelope';
import { momentField } from './moments';
import { z } from './zod';

/** What is ticked off at the line. */
export const TICKS = ['load-out', 'pail-full', 'scraped'] as const;
export type Tick = (typeof TICKS)[number];

export const lineTickContentSchema = z.object({ what: z.enum(TICKS), at: momentField });

export const lineTickSchema = z.object({
  ...envelopeShape,
  kind: z.literal('line-tick'),
  content: lineTickContentSchema,
});
export type LineTickRecord = z.infer<typeof lineTickSchema>;
