import { CLEARING_METHODS, HONEY_KINDS, STAY_RULES, TIMINGS } from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import {
  airTemperatureField,
  between,
  nameField,
  remarkField,
  textField,
  wholeBetween,
} from '../fields';
import { dayField } from '../moments';
import { TARGET_RANGE_PERCENT } from '../lots/lot';
import { z } from '../zod';

/** A day at the hives: which school judges, what flows, how bees are cleared. */
export const harvestContentSchema = z.object({
  name: nameField(),
  day: dayField,
  schoolId: z.string().min(1),
  timing: z.enum(TIMINGS),
  stays: z.enum(STAY_RULES),
  flowId: idSchema.nullable(),
  clearing: z.object({
    method: z.enum(CLEARING_METHODS),
    agent: textField(60),
    contactHours: between(0, 72).nullable(),
    leadDays: wholeBetween(0, 14).nullable(),
  }),
  /** of the days to come */
  outdoorTemperatureC: airTemperatureField,
  relativeHumidity: between(0, 1).nullable(),
  honeyKind: z.enum(HONEY_KINDS),
  ruleSetId: z.string().min(1),
  targetPercent: z.number().min(TARGET_RANGE_PERCENT[0]).max(TARGET_RANGE_PERCENT[1]),
  bucketKg: between(1, 400),
  remark: remarkField,
});
export type HarvestContent = z.infer<typeof harvestContentSchema>;

export const harvestKind = recordKind({
  kind: 'harvest',
  table: 'harvests',
  since: 2,
  owner: null,
  part: 'book',
  content: harvestContentSchema,
  refers: (content) => [{ path: 'flowId', id: content.flowId, kind: 'flow' }],
  chain: ({ entityId }) => ({ anchors: [entityId], follows: [] }),
});
export type Harvest = RevisionOf<typeof harvestKind>;
