import { BASES, OUTCOMES } from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { z } from '../zod';
import { requiredText, textField } from '../fields';

const findingSchema = z.object({
  ruleId: z.string(),
  title: z.string(),
  bearing: z.enum([...OUTCOMES, 'condition', 'note']),
  sentence: z.string(),
  source: z.string(),
});

/** A signed ruling: what was decided, by whom, and all that it rested on at that moment. */
export const rulingContentSchema = z
  .object({
    /** what was signed */
    outcome: z.enum(OUTCOMES),
    /** what the rules proposed */
    proposedOutcome: z.enum(OUTCOMES),
    overrideReason: textField(500),
    initials: requiredText(12, 'initialsMissing'),
    remark: textField(1000),
    /** revisions that the ruling rests on */
    evidenceIds: z.array(idSchema),
    rulesVersion: z.string(),
    ruleSet: z.object({ id: z.string(), name: z.string(), edition: z.string() }),
    limitPercent: z.number(),
    targetPercent: z.number(),
    basis: z.enum(BASES),
    meanPercent: z.number(),
    expandedPercent: z.number().min(0),
    overProbability: z.number().min(0).max(1),
    checkAgainMonths: z.number().min(0),
    findings: z.array(findingSchema),
  })
  .superRefine((ruling, context) => {
    if (ruling.outcome !== ruling.proposedOutcome && ruling.overrideReason === '') {
      const message = 'overrideWithoutReason';
      context.addIssue({ code: 'custom', path: ['overrideReason'], message });
    }
    if (ruling.proposedOutcome === 'reject' && ruling.outcome !== 'reject') {
      const message = 'blockedOverride';
      context.addIssue({ code: 'custom', path: ['outcome'], message });
    }
  });
export type RulingContent = z.infer<typeof rulingContentSchema>;

export const rulingKind = recordKind({
  kind: 'ruling',
  table: 'rulings',
  since: 1,
  owner: 'lot',
  part: 'lot',
  content: rulingContentSchema,
});
export type RulingRecord = RevisionOf<typeof rulingKind>;
