import { CLIMATES } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { nameField, remarkField } from '../fields';
import { z } from '../zod';

/** A place where hives stand. */
export const yardContentSchema = z.object({
  name: nameField(),
  /** air of the season, as it matters to ripening */
  climate: z.enum(CLIMATES),
  remark: remarkField,
});
export type YardContent = z.infer<typeof yardContentSchema>;

export const yardKind = recordKind({
  kind: 'yard',
  table: 'yards',
  since: 2,
  owner: null,
  part: 'book',
  content: yardContentSchema,
  chain: ({ entityId }) => ({ anchors: [entityId], follows: [] }),
});
export type Yard = RevisionOf<typeof yardKind>;
