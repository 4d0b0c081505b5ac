import { SHAKE_RESULTS } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { z } from '../zod';

/** What was seen of the comb, for the lot as a whole. */
export const combJudgementContentSchema = z.object({
  /** tenths of the honey-bearing cells that were capped */
  cappedTenths: z.number().int().min(0).max(10),
  shake: z.enum(SHAKE_RESULTS),
});
export type CombJudgementContent = z.infer<typeof combJudgementContentSchema>;

export const combJudgementKind = recordKind({
  kind: 'comb-judgement',
  table: 'combJudgements',
  since: 1,
  owner: 'lot',
  part: 'lot',
  content: combJudgementContentSchema,
});
export type CombJudgement = RevisionOf<typeof combJudgementKind>;
