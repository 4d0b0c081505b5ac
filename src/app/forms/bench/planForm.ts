import {
  drawContainers,
  plannedNumber,
  seededRandom,
  type PlanMethod,
  type PlanNumber,
  type Spot,
} from '../../../core';
import {
  samplingPlanContentSchema,
  type Preferences,
  type SamplingPlanContent,
} from '../../../records';
import type { FormOf, ValuesOf } from '../../entry/codec';
import { choice, number, percent, several } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { Reader, type Parsed } from '../../entry/reader';
import { SPOT_NAMES } from '../../words/reading';
import { benchWords } from '../../words/english/bench';

const METHOD_NAMES: Readonly<Record<PlanMethod, string>> = {
  'mean-and-spread': benchWords.byMeanAndSpread(),
  'by-count': benchWords.byCount(),
};

const { 'not-said': _notSaid, ...TAKEN_FROM } = SPOT_NAMES;

/** A sampling plan. */
export const planEntry = entryOf(samplingPlanContentSchema, {
  method: choice(benchWords.howTheSampleIsJudged(), METHOD_NAMES),
  content: percent(benchWords.shareThatMustConform(), { digits: 1 }),
  confidence: percent(benchWords.confidence(), { digits: 1 }),
  expectedMeanPercent: number(benchWords.expectedMean(), { unit: '%', digits: 1 }),
  expectedSpreadPercent: number(benchWords.fromVesselToVessel(), {
    unit: benchWords.pointsInside(),
    hint: benchWords.asAStandardDeviationIs(),
  }),
  looks: number(benchWords.looksAtTheResult(), {
    digits: 0,
    hint: benchWords.toEachExtraLookCosts(),
  }),
  seed: number(benchWords.randomSeed(), { digits: 0, hint: benchWords.theSameSeedDrawsThe() }),
  spots: several<Exclude<Spot, 'not-said'>>(benchWords.whereInEachContainer(), TAKEN_FROM),
});
export type PlanForm = FormOf<typeof planEntry.fields>;
type PlanValues = ValuesOf<typeof planEntry.fields>;

/** What a plan is made for. */
export interface PlanContext {
  readonly preferences: Preferences;
  /** ids of the vessels that are not under suspicion, in the order in which they stand */
  readonly vesselIds: readonly string[];
  readonly limitPercent: number;
  readonly readingsBefore: number;
  readonly fixedAt: string;
}

/** A usual plan: 95 in 100 with 95 in 100, one look, stirred; small lots by count. */
export function freshPlan(
  expectedMeanPercent: number,
  { vessels, seed }: { readonly vessels: number; readonly seed: number },
  preferences: Preferences,
): PlanForm {
  const isSmall = vessels < 20;
  return planEntry.fill(
    {
      method: isSmall ? 'by-count' : 'mean-and-spread',
      content: isSmall ? 0.9 : 0.95,
      confidence: 0.95,
      looks: 1,
      expectedMeanPercent,
      expectedSpreadPercent: 0.3,
      spots: ['stirred'],
      seed,
    },
    preferences,
  );
}

/** How many vessels what was read asks for; null where it cannot be said yet. */
function plannedFor(plan: PlanValues, context: PlanContext): PlanNumber | null {
  try {
    return plannedNumber({
      method: plan.method,
      content: plan.content,
      confidence: plan.confidence,
      looks: plan.looks,
      containers: context.vesselIds.length,
      marginPercent: context.limitPercent - plan.expectedMeanPercent,
      spreadPercent: plan.expectedSpreadPercent,
    });
  } catch {
    return null;
  }
}

/** How many vessels the form asks for, while it is typed; null where it cannot be read yet. */
export const numberOf = (form: PlanForm, context: PlanContext): PlanNumber | null =>
  plannedFor(planEntry.values(form, new Reader(context.preferences)), context);

/** The vessels to be tested at each look; none where the form cannot be read yet. */
function drawn(plan: PlanValues, context: PlanContext): string[][] {
  const found = plannedFor(plan, context);
  if (!found || !Number.isInteger(plan.seed)) return [];
  const looks = Math.min(plan.looks, found.number);
  return drawContainers(context.vesselIds, found.number, looks, seededRandom(plan.seed)());
}

/** The plan that the form says, with its vessels drawn, or what is wrong in which field. */
export const readPlanForm = (form: PlanForm, context: PlanContext): Parsed<SamplingPlanContent> => {
  const { limitPercent, fixedAt, readingsBefore } = context;
  return planEntry.read(form, context.preferences, {
    rest: (plan) => ({ limitPercent, fixedAt, readingsBefore, plannedIds: drawn(plan, context) }),
    place: (path) => (path.startsWith('plannedIds') ? 'content' : path),
  });
};
