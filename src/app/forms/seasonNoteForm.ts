import { addYears, format } from 'date-fns';
import { seasonNoteContentSchema, type Preferences, type SeasonNoteContent } from '../../records';
import { FormReader, type Parsed } from './parsed';

/** A note of what to do differently, as it is typed. */
export interface SeasonNoteForm {
  text: string;
  planningDay: string;
  done: string;
  /** empty: for all */
  yardId: string;
}

export const seasonNoteFormOf = (
  content: SeasonNoteContent | null,
  today: Date,
): SeasonNoteForm => ({
  text: content?.text ?? '',
  // Before the next season begins: the first of March.
  planningDay: content?.planningDay ?? format(addYears(today, 1), "yyyy-'03-01'"),
  done: content?.done ?? '',
  yardId: content?.yardId ?? '',
});

export function readSeasonNoteForm(
  form: SeasonNoteForm,
  year: number,
  preferences: Preferences,
): Parsed<SeasonNoteContent> {
  return new FormReader(preferences).finish(
    seasonNoteContentSchema,
    { ...form, year, yardId: form.yardId === '' ? null : form.yardId },
    (path) => path,
  );
}
