import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { remarkField, textField, wholeBetween } from '../fields';
import { momentField } from '../moments';
import { MOST_JARS } from './packing';
import { releaseSchema } from './release';
import { z } from '../zod';

/** What jars are for. */
export const PURPOSES = ['sale', 'gift', 'kitchen', 'next-year', 'sample'] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Jars set aside for a purpose, or given out of the house. */
export const jarMoveContentSchema = z.object({
  packingId: idSchema,
  act: z.enum(['set-aside', 'given-out']),
  purpose: z.enum(PURPOSES),
  count: wholeBetween(1, MOST_JARS),
  /** for which occasion; null or not there: for none */
  occasionId: idSchema.nullable().optional(),
  /** first number of the jars where that was written down */
  firstNumber: z.number().int().min(1).nullable(),
  /** who has them now, for a recall; empty where not known */
  to: textField(80),
  at: momentField,
  release: releaseSchema.optional(),
  remark: remarkField,
});
export type JarMoveContent = z.infer<typeof jarMoveContentSchema>;

export const jarMoveKind = recordKind({
  kind: 'jar-move',
  table: 'jarMoves',
  since: 5,
  owner: 'lot',
  part: 'lot',
  content: jarMoveContentSchema,
  refers: (content) => [
    { path: 'packingId', id: content.packingId, kind: 'packing' },
    { path: 'occasionId', id: content.occasionId ?? null, kind: 'occasion' },
  ],
});
export type JarMove = RevisionOf<typeof jarMoveKind>;
