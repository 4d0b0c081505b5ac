import { HONEY_KINDS, STAY_RULES, TIMINGS } from '../../core';
import { idSchema } from '../envelope';
import { recordKind, type RevisionOf } from '../recordKind';
import { airTemperatureField, nameField, remarkField } from '../fields';
import { dayField } from '../moments';
import { TARGET_RANGE_PERCENT } from '../lots/lot';
import { z } from '../zod';

/** Ways to clear bees from the boxes. */
export const CLEARING_METHODS = [
  'none',
  'escape-board',
  'scent',
  'smoke',
  'brush',
  'blower',
] as const;

const LEAD_SENTENCE = 'Boards go on 0 to 14 days ahead.';
const HOURS_SENTENCE = 'A scent is left on for 0 to 72 hours.';
const BUCKET_SENTENCE = 'A bucket holds between 1 and 400 kg.';
const HUMIDITY_SENTENCE = 'Humidity is between 0 and 100 %.';

/** A day at the hives: which school judges, what flows, how bees are cleared. */
export const harvestContentSchema = z.object({
  name: nameField('the day'),
  day: dayField,
  schoolId: z.string().min(1),
  timing: z.enum(TIMINGS),
  stays: z.enum(STAY_RULES),
  flowId: idSchema.nullable(),
  clearing: z.object({
    method: z.enum(CLEARING_METHODS),
    agent: z.string().trim().max(60, 'Keep it under 60 letters.'),
    contactHours: z.number().min(0, HOURS_SENTENCE).max(72, HOURS_SENTENCE).nullable(),
    leadDays: z.number().int(LEAD_SENTENCE).min(0, LEAD_SENTENCE).max(14, LEAD_SENTENCE).nullable(),
  }),
  /** of the days to come */
  outdoorTemperatureC: airTemperatureField,
  relativeHumidity: z.number().min(0, HUMIDITY_SENTENCE).max(1, HUMIDITY_SENTENCE).nullable(),
  honeyKind: z.enum(HONEY_KINDS),
  ruleSetId: z.string().min(1),
  targetPercent: z.number().min(TARGET_RANGE_PERCENT[0]).max(TARGET_RANGE_PERCENT[1]),
  bucketKg: z.number().min(1, BUCKET_SENTENCE).max(400, BUCKET_SENTENCE),
  remark: remarkField,
});
export type HarvestContent = z.infer<typeof harvestContentSchema>;

export const harvestKind = recordKind({
  kind: 'harvest',
  name: 'Days at the hives',
  table: 'harvests',
  since: 2,
  owner: null,
  part: 'book',
  content: harvestContentSchema,
  refers: (content) => [{ path: 'flowId', id: content.flowId, kind: 'flow' }],
  chain: ({ entityId }) => ({ anchors: [entityId], follows: [] }),
});
export type Harvest = RevisionOf<typeof harvestKind>;
