import { skimPlan, vesselLagHours, type SettlingTask, type SkimPlan } from '../../core';
import type { SettlingContent } from '../../records';

const HOUR_MS = 3_600_000;

/** A vessel as the core takes it. */
export function settlingTask(content: SettlingContent): SettlingTask {
  const { heightCm, diameterCm, moisturePercent, startC, roomC, strainedUm } = content;
  const lagHours = vesselLagHours(heightCm, diameterCm);
  return {
    vessel: { heightCm, moisturePercent, startC, roomC, lagHours },
    strainedUm: strainedUm ?? Infinity,
  };
}

/** The next skim of a vessel; null once it was skimmed twice, or where it does not clear. */
export interface NextSkim {
  readonly which: 'first' | 'second';
  readonly atMs: number;
}

/** When to skim a vessel next. */
export function nextSkim(
  content: SettlingContent,
  plan: SkimPlan = skimPlan(settlingTask(content)),
): NextSkim | null {
  if (content.endedAt !== null || content.skims.length > 1) return null;
  const which = content.skims.length === 0 ? 'first' : 'second';
  const hours = which === 'first' ? plan.firstHours : plan.secondHours;
  if (!Number.isFinite(hours)) return null;
  return { which, atMs: Date.parse(content.filledAt) + hours * HOUR_MS };
}
