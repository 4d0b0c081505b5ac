import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { dayField } from '../moments';
import { z } from '../zod';
import { requiredText, textField } from '../fields';

/** Something to do differently, which comes back on the next planning day. */
export const seasonNoteContentSchema = z.object({
  year: z.number().int().min(1990).max(2200),
  text: requiredText(500, 'noteMissing'),
  yardId: idSchema.nullable(),
  /** it comes back on this day */
  planningDay: dayField,
  /** what became of it; empty while it is open */
  done: textField(200),
});
export type SeasonNoteContent = z.infer<typeof seasonNoteContentSchema>;

export const seasonNoteKind = recordKind({
  kind: 'season-note',
  table: 'seasonNotes',
  since: 5,
  owner: null,
  part: null,
  content: seasonNoteContentSchema,
  refers: (content) => [{ path: 'yardId', id: content.yardId, kind: 'yard' }],
});
export type SeasonNote = RevisionOf<typeof seasonNoteKind>;
