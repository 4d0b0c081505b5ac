import { requiredText, z } from '../../../records';
import { choice, words } from '../../entry/codecs';
import { entryOf, formOf } from '../../entry/entry';
import { OUTCOME_NAMES } from '../../format/moisture';
import { commonWords } from '../../words/english/common';
import { lotWords } from '../../words/english/lot';

/** A signature. */
export const signForm = formOf({
  initials: words(lotWords.yourInitials()),
  outcome: choice(lotWords.yourDecision(), OUTCOME_NAMES),
  overrideReason: words(lotWords.whyYouDecideDifferently(), {
    hint: lotWords.staysWithTheRulingAnd(),
  }),
  remark: words(commonWords.remark(), { hint: lotWords.optional() }),
});

const reopenSchema = z.object({
  initials: requiredText(12, 'initialsMissing'),
  reason: requiredText(500, 'reopenReasonMissing'),
});
export type ReopenForm = z.infer<typeof reopenSchema>;

/** Why a signed ruling is opened again, and by whom. */
export const reopenEntry = entryOf(reopenSchema, {
  initials: words(lotWords.yourInitials()),
  reason: words(lotWords.whyYouReopenIt()),
});
