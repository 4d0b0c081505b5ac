import { z } from '../../../records';
import { choice, words } from '../../entry/codecs';
import { entryOf, formOf } from '../../entry/entry';
import { OUTCOME_NAMES } from '../../format/moisture';

/** A signature. */
export const signForm = formOf({
  initials: words('Your initials'),
  outcome: choice('Your decision', OUTCOME_NAMES),
  overrideReason: words('Why otherwise than the rules', {
    hint: 'Stays with the ruling and in the dossier.',
  }),
  remark: words('Remark', { hint: 'Optional' }),
});

const reopenSchema = z.object({
  initials: z
    .string()
    .trim()
    .min(1, 'Sign with your initials.')
    .max(12, 'Initials have at most 12 letters.'),
  reason: z
    .string()
    .trim()
    .min(1, 'Say why it is opened again.')
    .max(500, 'Keep the reason under 500 letters.'),
});
export type ReopenForm = z.infer<typeof reopenSchema>;

/** Why a signed ruling is opened again, and by whom. */
export const reopenEntry = entryOf(reopenSchema, {
  initials: words('Your initials'),
  reason: words('Why it is opened again'),
});
