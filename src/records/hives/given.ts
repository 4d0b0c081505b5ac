import { GIVEN_KINDS } from '../../core';
import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { airTemperatureField, nameField, remarkField, wholeBetween } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

/** A treatment or feed given to hives, as the keeper typed it from the label. */
export const givenContentSchema = z
  .object({
    givenKind: z.enum(GIVEN_KINDS),
    name: nameField(),
    colonyIds: z.array(idSchema).min(1, 'hivesMissing'),
    fromDay: dayField,
    /** null while it goes on */
    toDay: dayField.nullable(),
    boxesOn: z.boolean(),
    /** it stays on the hive for so long by its label [d]; null or left out: not said */
    staysDays: wholeBetween(0, 400).nullable().optional(),
    waitDays: wholeBetween(0, 400),
    /** the label's window of outdoor temperature [°C] */
    fromTemperatureC: airTemperatureField,
    toTemperatureC: airTemperatureField,
    remark: remarkField,
  })
  .refine((given) => given.toDay === null || given.toDay >= given.fromDay, {
    path: ['toDay'],
    message: 'endsBeforeStart',
  });
export type GivenContent = z.infer<typeof givenContentSchema>;

export const givenKind = recordKind({
  kind: 'given',
  table: 'givens',
  since: 2,
  owner: null,
  part: 'book',
  content: givenContentSchema,
  refers: (content) => each('colonyIds', content.colonyIds, 'colony'),
  chain: ({ content }) => ({ anchors: content.colonyIds, follows: [] }),
});
export type GivenRecord = RevisionOf<typeof givenKind>;
