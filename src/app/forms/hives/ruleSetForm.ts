import { ownRuleSetContentSchema } from '../../../records';
import { number, optional, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

const limit = (label: string, hint?: string) =>
  number(label, { unit: '%', ...(hint === undefined ? {} : { hint }) });

const NO_GRADE = hiveFormWords.leaveEmptyIfThereIs();

/** A rule set of one's own; both limits of the baker's grade empty: it has none. */
export const ruleSetEntry = entryOf(ownRuleSetContentSchema, {
  name: words(commonWords.name()),
  edition: words(hiveFormWords.edition(), {
    hint: hiveFormWords.whereAndWhenYouRead(),
  }),
  ordinaryPercent: limit(hiveFormWords.highestMoisture()),
  heatherPercent: limit(hiveFormWords.ofHeatherLingHoney(), hiveFormWords.theSameIfItIs()),
  bakersOrdinaryPercent: optional(limit(hiveFormWords.ofBakersHoney(), NO_GRADE)),
  bakersHeatherPercent: optional(limit(hiveFormWords.ofBakersHeatherHoney(), NO_GRADE)),
  note: words(commonWords.note()),
});
