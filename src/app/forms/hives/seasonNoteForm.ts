import { addYears, format } from 'date-fns';
import { seasonNoteContentSchema, type SeasonNoteContent } from '../../../records';
import { day, oneOf, optional, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { hiveFormWords } from '../../words/english/hiveForm';

/** What to do differently; empty yard: for all. */
export const noteEntry = entryOf(seasonNoteContentSchema, {
  text: words(hiveFormWords.whatToDoDifferently()),
  yardId: optional(oneOf(hiveFormWords.for(), '')),
  planningDay: day(hiveFormWords.comesBackOn()),
  done: words(hiveFormWords.whatCameOfIt(), { hint: hiveFormWords.leaveEmptyWhileItIs() }),
});

/** Before the next season begins: the first of March. */
export const freshNote = (today: string): Partial<SeasonNoteContent> => ({
  planningDay: format(addYears(today, 1), "yyyy-'03-01'"),
});
