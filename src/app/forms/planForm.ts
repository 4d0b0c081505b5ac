import {
  drawContainers,
  plannedNumber,
  seededRandom,
  type PlanMethod,
  type PlanNumber,
  type Spot,
} from '../../core';
import {
  samplingPlanContentSchema,
  type Preferences,
  type SamplingPlanContent,
} from '../../records';
import { decimalText } from '../format/decimal';
import { FormReader, type Parsed } from './parsed';

/** The fields of a sampling plan as they are typed. */
export interface PlanForm {
  method: PlanMethod;
  /** [%] */
  content: string;
  confidence: string;
  looks: string;
  expectedMean: string;
  expectedSpread: string;
  spots: Spot[];
  seed: string;
}

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
export function freshPlan(expectedMean: number, vessels: number, seed: number): PlanForm {
  return {
    method: vessels < 20 ? 'by-count' : 'mean-and-spread',
    content: vessels < 20 ? '90' : '95',
    confidence: '95',
    looks: '1',
    expectedMean: decimalText(expectedMean, 1),
    expectedSpread: '0.3',
    spots: ['stirred'],
    seed: String(seed),
  };
}

/** How many vessels the form asks for, while it is typed; null where it cannot be read yet. */
export function numberOf(form: PlanForm, context: PlanContext): PlanNumber | null {
  const figures = [form.content, form.confidence, form.looks, form.expectedMean].map((one) =>
    Number(one.replace(',', '.')),
  );
  const [content = NaN, confidence = NaN, looks = NaN, mean = NaN] = figures;
  try {
    return plannedNumber({
      method: form.method,
      content: content / 100,
      confidence: confidence / 100,
      looks,
      containers: context.vesselIds.length,
      marginPercent: context.limitPercent - mean,
      spreadPercent: Number(form.expectedSpread.replace(',', '.')),
    });
  } catch {
    return null;
  }
}

const FIELDS: Readonly<Record<string, string>> = {
  expectedMeanPercent: 'expectedMean',
  expectedSpreadPercent: 'expectedSpread',
};

/** The vessels to be tested at each look; none where the form cannot be read yet. */
function drawn(form: PlanForm, context: PlanContext, seed: number): string[][] {
  const found = numberOf(form, context);
  if (!found || !Number.isInteger(seed)) return [];
  const looks = Math.min(Number(form.looks), found.number);
  return drawContainers(context.vesselIds, found.number, looks, seededRandom(seed)());
}

/** The plan that the form says, with its vessels drawn, or what is wrong in which field. */
export function readPlanForm(form: PlanForm, context: PlanContext): Parsed<SamplingPlanContent> {
  const reader = new FormReader(context.preferences);
  const seed = reader.number('seed', form.seed);
  const candidate = {
    method: form.method,
    content: reader.number('content', form.content) / 100,
    confidence: reader.number('confidence', form.confidence) / 100,
    looks: reader.number('looks', form.looks),
    expectedMeanPercent: reader.number('expectedMean', form.expectedMean),
    expectedSpreadPercent: reader.number('expectedSpread', form.expectedSpread),
    limitPercent: context.limitPercent,
    seed,
    plannedIds: drawn(form, context, seed),
    spots: form.spots,
    fixedAt: context.fixedAt,
    readingsBefore: context.readingsBefore,
  };
  return reader.finish(samplingPlanContentSchema, candidate, (path) => {
    return path.startsWith('plannedIds') ? 'content' : (FIELDS[path] ?? path);
  });
}
