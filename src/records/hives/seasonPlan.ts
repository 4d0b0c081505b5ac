import { TIMINGS } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, wholeBetween } from '../fields';
import { dayField } from '../moments';
import { z } from '../zod';

/** How the keeper goes about taking honey off: what proposed days follow from besides flows and weather. */
export const seasonPlanContentSchema = z.object({
  timing: z.enum(TIMINGS),
  /** days of the week on which somebody can go, 0 is Sunday; none: any day */
  weekdays: z.array(z.number().int().min(0).max(6)).max(7),
  /** help comes on this day */
  helpDay: dayField.nullable(),
  /** the last boxes are off by this day */
  boxesOffBy: dayField.nullable(),
  /** escape boards go on so many days ahead; null: bees are cleared on the day [d] */
  escapeDays: wholeBetween(1, 14).nullable(),
  /** of a kilogram, in the keeper's money; null or left out: nobody said */
  sugarPricePerKg: between(0, 1000).nullable().optional(),
});
export type SeasonPlanContent = z.infer<typeof seasonPlanContentSchema>;

export const seasonPlanKind = recordKind({
  kind: 'season-plan',
  table: 'seasonPlans',
  since: 9,
  owner: null,
  part: null,
  content: seasonPlanContentSchema,
});
export type SeasonPlan = RevisionOf<typeof seasonPlanKind>;
