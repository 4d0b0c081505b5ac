import { envelopeShape } from './envelope';
import { jpegShape } from './photo';
import { z } from './zod';

/** A photograph of the scale or the display; belongs to its reading. */
export const proofSchema = z.object({
  ...envelopeShape,
  kind: z.literal('proof'),
  content: z.object(jpegShape),
});
export type Proof = z.infer<typeof proofSchema>;
