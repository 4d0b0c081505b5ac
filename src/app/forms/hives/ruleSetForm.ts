import { ownRuleSetContentSchema } from '../../../records';
import { number, optional, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';

const limit = (label: string, hint?: string) =>
  number(label, { unit: '%', ...(hint === undefined ? {} : { hint }) });

const NO_GRADE = 'Empty where there is no such grade';

/** A rule set of one's own; both limits of the baker's grade empty: it has none. */
export const ruleSetEntry = entryOf(ownRuleSetContentSchema, {
  name: words('Name'),
  edition: words('Edition', {
    hint: 'Where and when you read it; it is printed beside every limit',
  }),
  ordinaryPercent: limit('Highest moisture'),
  heatherPercent: limit('Of heather (ling) honey', 'The same where it is no exception'),
  bakersOrdinaryPercent: optional(limit('Of baker’s honey', NO_GRADE)),
  bakersHeatherPercent: optional(limit('Of baker’s heather honey', NO_GRADE)),
  note: words('Note'),
});
