import { addYears, format } from 'date-fns';
import { seasonNoteContentSchema, type SeasonNoteContent } from '../../../records';
import { day, oneOf, optional, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';

/** What to do differently; empty yard: for all. */
export const noteEntry = entryOf(seasonNoteContentSchema, {
  text: words('What to do differently'),
  yardId: optional(oneOf('For', '')),
  planningDay: day('Comes back on'),
  done: words('What became of it', { hint: 'Leave empty while it is open.' }),
});

/** Before the next season begins: the first of March. */
export const freshNote = (today: Date): Partial<SeasonNoteContent> => ({
  planningDay: format(addYears(today, 1), "yyyy-'03-01'"),
});
