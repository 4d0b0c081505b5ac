import { recordKind, type RevisionOf } from '../recordKind';
import { jpegShape } from '../hives/photo';
import { z } from '../zod';

/** A photograph of the scale or the display; belongs to its reading. */
export const proofKind = recordKind({
  kind: 'proof',
  table: 'proofs',
  since: 3,
  owner: 'reading',
  part: null,
  content: z.object(jpegShape),
});
export type Proof = RevisionOf<typeof proofKind>;
