import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { nameField, remarkField } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

/** A flow of nectar: when it was expected, and when it came. */
export const flowContentSchema = z
  .object({
    name: nameField('the flow'),
    plant: nameField('the plant'),
    yardIds: z.array(idSchema),
    expectedStart: dayField,
    expectedEnd: dayField,
    observedStart: dayField.nullable(),
    observedEnd: dayField.nullable(),
    remark: remarkField,
  })
  .refine((flow) => flow.expectedEnd >= flow.expectedStart, {
    path: ['expectedEnd'],
    message: 'A flow ends on or after the day it starts.',
  })
  .refine(
    (flow) => !flow.observedStart || !flow.observedEnd || flow.observedEnd >= flow.observedStart,
    { path: ['observedEnd'], message: 'A flow ends on or after the day it starts.' },
  );
export type FlowContent = z.infer<typeof flowContentSchema>;

export const flowKind = recordKind({
  kind: 'flow',
  name: 'Flows',
  table: 'flows',
  since: 2,
  owner: null,
  part: 'book',
  content: flowContentSchema,
  refers: (content) => each('yardIds', content.yardIds, 'yard'),
});
export type Flow = RevisionOf<typeof flowKind>;
