import { JAR_RANGE_G } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, remarkField, wholeBetween } from '../fields';
import { dayField } from '../moments';
import { PURPOSES } from './jarMove';
import { MOST_JARS } from './packing';
import { z } from '../zod';

/** Jars that are wanted by a day: a wedding, a fair, winter in one's own kitchen. */
export const occasionContentSchema = z.object({
  name: nameField(),
  day: dayField,
  purpose: z.enum(PURPOSES),
  /** net weight [g]; null where any size will do */
  jarG: between(...JAR_RANGE_G).nullable(),
  count: wholeBetween(1, MOST_JARS),
  /** the jars have gone; no more is set aside for it */
  over: z.boolean(),
  remark: remarkField,
});

export const occasionKind = recordKind({
  kind: 'occasion',
  table: 'occasions',
  since: 10,
  owner: null,
  part: null,
  content: occasionContentSchema,
});
export type Occasion = RevisionOf<typeof occasionKind>;
