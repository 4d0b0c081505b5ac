import { GIVEN_KINDS } from '../../core';
import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { airTemperatureField, nameField, remarkField } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

const WAIT_SENTENCE = 'A waiting time is 0 to 400 days.';

/** A treatment or feed given to hives, as the keeper typed it from the label. */
export const givenContentSchema = z
  .object({
    givenKind: z.enum(GIVEN_KINDS),
    name: nameField('the product or feed'),
    colonyIds: z.array(idSchema).min(1, 'Choose the hives it was given to.'),
    fromDay: dayField,
    /** null while it goes on */
    toDay: dayField.nullable(),
    boxesOn: z.boolean(),
    waitDays: z.number().int(WAIT_SENTENCE).min(0, WAIT_SENTENCE).max(400, WAIT_SENTENCE),
    /** the label's window of outdoor temperature [°C] */
    fromTemperatureC: airTemperatureField,
    toTemperatureC: airTemperatureField,
    remark: remarkField,
  })
  .refine((given) => given.toDay === null || given.toDay >= given.fromDay, {
    path: ['toDay'],
    message: 'It ends on or after the day it starts.',
  });
export type GivenContent = z.infer<typeof givenContentSchema>;

export const givenKind = recordKind({
  kind: 'given',
  name: 'Treatments and feeds',
  table: 'givens',
  since: 2,
  owner: null,
  part: 'book',
  content: givenContentSchema,
  refers: (content) => each('colonyIds', content.colonyIds, 'colony'),
  chain: ({ content }) => ({ anchors: content.colonyIds, follows: [] }),
});
export type GivenRecord = RevisionOf<typeof givenKind>;
