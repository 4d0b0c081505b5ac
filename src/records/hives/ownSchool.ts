import { CAPPING_RULES, DRYING_WAYS, METER_NEEDS, STAY_RULES, TIMINGS } from '../../core';
import { recordKind } from '../recordKind';
import { nameField } from '../fields';
import { z } from '../zod';

const SHARE_SENTENCE = 'A capped share lies between 0 and 100 %.';
const share = z.number().min(0, SHARE_SENTENCE).max(1, SHARE_SENTENCE);

/** A school of the keeper's own; its id in the core is the entity's. */
export const ownSchoolContentSchema = z
  .object({
    name: nameField('the school', 40),
    rule: z.enum(CAPPING_RULES),
    ripeShare: share,
    excusedShare: share.nullable(),
    stopsAt: z.enum(['drops', 'runs']),
    drying: z.enum(DRYING_WAYS),
    meter: z.enum(METER_NEEDS),
    timing: z.enum(TIMINGS),
    stays: z.enum(STAY_RULES),
    weakPoint: z.string().trim().max(200, 'Keep it under 200 letters.'),
  })
  .refine((school) => school.excusedShare === null || school.excusedShare <= school.ripeShare, {
    path: ['excusedShare'],
    message: 'What a clean shake excuses lies at or under the share asked for.',
  });
export type OwnSchoolContent = z.infer<typeof ownSchoolContentSchema>;

export const ownSchoolKind = recordKind({
  kind: 'school',
  name: 'Own schools',
  table: 'schools',
  since: 2,
  owner: null,
  part: 'book',
  content: ownSchoolContentSchema,
});
