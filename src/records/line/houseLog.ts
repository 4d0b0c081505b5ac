import { HOUSE_EVENTS } from '../../core';
import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { requiredText, remarkField } from '../fields';
import { momentField } from '../moments';
import { z } from '../zod';

/** What happened in the house that an inspector asks for. */
export const houseLogContentSchema = z.object({
  what: z.enum(HOUSE_EVENTS),
  at: momentField,
  text: requiredText(300),
  /** lots that were open near broken glass; they are held until somebody says otherwise on their pages */
  lotIds: z.array(idSchema),
  /** what was done about it */
  remark: remarkField,
});
export type HouseLogContent = z.infer<typeof houseLogContentSchema>;

export const houseLogKind = recordKind({
  kind: 'house-log',
  table: 'houseLog',
  since: 10,
  owner: null,
  part: null,
  content: houseLogContentSchema,
  refers: (content) => each('lotIds', content.lotIds, 'lot'),
});
export type HouseLog = RevisionOf<typeof houseLogKind>;
