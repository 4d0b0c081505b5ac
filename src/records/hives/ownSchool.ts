import { CAPPING_RULES, DRYING_WAYS, METER_NEEDS, STAY_RULES, TIMINGS } from '../../core';
import { recordKind } from '../recordKind';
import { between, nameField, textField } from '../fields';
import { z } from '../zod';

const share = between(0, 1);

/** A school of the keeper's own; its id in the core is the entity's. */
export const ownSchoolContentSchema = z
  .object({
    name: nameField(40),
    rule: z.enum(CAPPING_RULES),
    ripeShare: share,
    excusedShare: share.nullable(),
    stopsAt: z.enum(['drops', 'runs']),
    drying: z.enum(DRYING_WAYS),
    meter: z.enum(METER_NEEDS),
    timing: z.enum(TIMINGS),
    stays: z.enum(STAY_RULES),
    weakPoint: textField(200),
  })
  .refine((school) => school.excusedShare === null || school.excusedShare <= school.ripeShare, {
    path: ['excusedShare'],
    message: 'excusedOverRipe',
  });
export type OwnSchoolContent = z.infer<typeof ownSchoolContentSchema>;

export const ownSchoolKind = recordKind({
  kind: 'school',
  table: 'schools',
  since: 2,
  owner: null,
  part: 'book',
  content: ownSchoolContentSchema,
});
