import { idSchema } from '../envelope';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { nameField, remarkField, textField } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

/** How honey of a flow tastes; null or left out: nobody said. */
export const FLOW_TASTES = ['good', 'poor'] as const;

/** A flow of nectar: when it was expected, when it came or that it failed, and how its honey tastes. */
export const flowContentSchema = z
  .object({
    name: nameField(),
    /** empty while nobody knows it */
    plant: textField(60),
    yardIds: z.array(idSchema),
    expectedStart: dayField,
    expectedEnd: dayField,
    observedStart: dayField.nullable(),
    observedEnd: dayField.nullable(),
    /** it did not come */
    failed: z.boolean().optional(),
    taste: z.enum(FLOW_TASTES).nullable().optional(),
    remark: remarkField,
  })
  .refine((flow) => flow.expectedEnd >= flow.expectedStart, {
    path: ['expectedEnd'],
    message: 'endsBeforeStart',
  })
  .refine(
    (flow) => !flow.observedStart || !flow.observedEnd || flow.observedEnd >= flow.observedStart,
    { path: ['observedEnd'], message: 'endsBeforeStart' },
  )
  .refine((flow) => flow.failed !== true || flow.observedStart === null, {
    path: ['failed'],
    message: 'seenAndFailed',
  });
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
