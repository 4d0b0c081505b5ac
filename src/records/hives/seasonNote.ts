import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { dayField } from '../moments';
import { z } from '../zod';

/** Something to do differently, which comes back on the next planning day. */
export const seasonNoteContentSchema = z.object({
  year: z.number().int().min(1990).max(2200),
  text: z
    .string()
    .trim()
    .min(1, 'Say what to do differently.')
    .max(500, 'Keep the note under 500 letters.'),
  yardId: idSchema.nullable(),
  /** it comes back on this day */
  planningDay: dayField,
  /** what became of it; empty while it is open */
  done: z.string().trim().max(200, 'Keep it under 200 letters.'),
});
export type SeasonNoteContent = z.infer<typeof seasonNoteContentSchema>;

export const seasonNoteKind = recordKind({
  kind: 'season-note',
  name: 'Notes for next time',
  table: 'seasonNotes',
  since: 5,
  owner: null,
  part: null,
  content: seasonNoteContentSchema,
  refers: (content) => [{ path: 'yardId', id: content.yardId, kind: 'yard' }],
});
export type SeasonNote = RevisionOf<typeof seasonNoteKind>;
