import { SHAKE_RESULTS } from '../core';
import { envelopeShape } from './envelope';
import { z } from './zod';

/** What was seen of the comb, for the lot as a whole. */
export const combJudgementContentSchema = z.object({
  /** tenths of the honey-bearing cells that were capped */
  cappedTenths: z.number().int().min(0).max(10),
  shake: z.enum(SHAKE_RESULTS),
});
export type CombJudgementContent = z.infer<typeof combJudgementContentSchema>;

export const combJudgementSchema = z.object({
  ...envelopeShape,
  kind: z.literal('comb-judgement'),
  content: combJudgementContentSchema,
});
export type CombJudgement = z.infer<typeof combJudgementSchema>;
