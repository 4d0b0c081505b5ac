import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { nameField, remarkField } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

/** A flow of nectar: when it was expected, and when it came. */
export const flowContentSchema = z
  .object({
    name: nameField(),
    plant: nameField(),
    yardIds: z.array(idSchema),
    expectedStart: dayField,
    expectedEnd: dayField,
    observedStart: dayField.nullable(),
    observedEnd: dayField.nullable(),
    remark: remarkField,
  })
  .refine((flow) => flow.expectedEnd >= flow.expectedStart, {
    path: ['expectedEnd'],
    message: 'endsBeforeStart',
  })
  .refine(
    (flow) => !flow.observedStart || !flow.observedEnd || flow.observedEnd >= flow.observedStart,
    { path: ['observedEnd'], message: 'endsBeforeStart' },
  );
export type FlowContent = z.infer<typeof flowContentSchema>;

export const flowKind = recordKind({
  kind: 'flow',
  table: 'flows',
  since: 2,
  owner: null,
  part: 'book',
  content: flowContentSchema,
  refers: (content) => each('yardIds', content.yardIds, 'yard'),
});
export type Flow = RevisionOf<typeof flowKind>;
