import { OUTCOMES } from '../../core';
import { reasonField } from '../fields';
import { z } from '../zod';

/** What honey is for that is not signed as accepted and leaves all the same. */
export const RELEASE_USES = ['own-use', 'bakers', 'other'] as const;
export type ReleaseUse = (typeof RELEASE_USES)[number];

/**
 * Why honey that the rules do not accept, or that nobody signed, was filled, set aside or given out all
 * the same: what the ruling was, and the reason as it was typed. Missing where none was needed.
 */
export const releaseSchema = z.object({
  outcome: z.enum(OUTCOMES),
  /** whether a ruling was signed and stood */
  signed: z.boolean(),
  use: z.enum(RELEASE_USES),
  reason: reasonField.min(3, 'reasonMissing'),
});
export type Release = z.infer<typeof releaseSchema>;
