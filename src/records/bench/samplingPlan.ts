import { LOOKS_RANGE, PLAN_METHODS, SPOTS } from '../../core';
import { each, recordKind, type RevisionOf } from '../recordKind';
import { momentField } from '../moments';
import { vesselRefOf } from '../vesselRef';
import { z } from '../zod';
import { between } from '../fields';

const share = between(0.5, 0.999);

/** A plan as it was fixed, before anybody looked. A new one is a new revision with its reason. */
export const samplingPlanContentSchema = z.object({
  method: z.enum(PLAN_METHODS),
  content: share,
  confidence: share,
  looks: z.number().int().min(LOOKS_RANGE[0]).max(LOOKS_RANGE[1]),
  /** what was expected when the number was fixed [%] */
  expectedMeanPercent: z.number().min(10).max(35),
  expectedSpreadPercent: between(0.01, 10),
  limitPercent: z.number().min(10).max(35),
  /** seed of the random start, so that anybody can draw the same again */
  seed: z.number().int().min(0).max(4_294_967_295),
  /** `container#item` to be tested at each look */
  plannedIds: z
    .array(z.array(z.string().min(1)).min(1))
    .min(1)
    .refine((looks) => new Set(looks.flat()).size === looks.flat().length, 'plannedTwice'),
  spots: z.array(z.enum(SPOTS)).min(1, 'spotMissing'),
  fixedAt: momentField,
  /** readings that the lot had already when it was fixed */
  readingsBefore: z.number().int().min(0),
});
export type SamplingPlanContent = z.infer<typeof samplingPlanContentSchema>;

/** Containers that a plan names, each once. */
const plannedContainers = (plannedIds: readonly (readonly string[])[]): string[] => [
  ...new Set(plannedIds.flat().map((plannedId) => vesselRefOf(plannedId).containerId ?? plannedId)),
];

export const samplingPlanKind = recordKind({
  kind: 'sampling-plan',
  table: 'samplingPlans',
  since: 3,
  owner: 'lot',
  part: 'lot',
  content: samplingPlanContentSchema,
  refers: (content) => each('plannedIds', plannedContainers(content.plannedIds), 'container'),
});
export type SamplingPlan = RevisionOf<typeof samplingPlanKind>;
