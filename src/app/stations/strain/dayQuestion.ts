import { WAX_SOFTENS_C, extractorPlaces, loadsOf, planLine, type LinePlan } from '../../../core';
import {
  dayNow,
  lineOf,
  pailsOfDay,
  strainedHoney,
  type DayNow,
  type ExtractionFile,
  type PailsOfDay,
} from '../../../model';
import type { DayQuestion } from '../../../workers/protocol';

/** What is asked to be warmer [K]. */
const WARMER_K = 5;

/** A day with its plan from now on, and what is asked of the workers. */
export interface AskedDay {
  readonly now: DayNow;
  readonly plan: LinePlan;
  readonly pails: PailsOfDay;
  readonly question: DayQuestion;
}

/** The line with warmer honey; null where wax would soften, or where nothing is strained. */
function warmedLine({ content, described, from }: DayNow) {
  const temperatureC = content.temperatureC + WARMER_K;
  if (temperatureC > WAX_SOFTENS_C || content.honeyKind === 'heather') return null;
  const warm = lineOf(content, described, { ...strainedHoney(content), temperatureC });
  const asIs = lineOf(content, described);
  // at the same pace as the line really has
  const pace = from.line.strainer.cycle.cleanKgPerMin / asIs.strainer.cycle.cleanKgPerMin;
  const { cycle } = warm.strainer;
  const minutes = cycle.minutes.map((minute) => minute / pace);
  const strainer = { ...warm.strainer, cycle: { ...cycle, minutes } };
  return { ...from.line, strainer };
}

/** The plan of a day as it stands at a moment; other days of the house teach its pace. */
export function askedDay(
  file: ExtractionFile,
  nowMs: number,
  days: readonly ExtractionFile[] = [],
): AskedDay {
  const now = dayNow(file, nowMs, days);
  const { line, state, doubt } = now.from;
  const plan = planLine(line, { state, records: true });
  const working = { ...line, speeds: line.speeds.slice(0, plan.working) };
  return {
    now,
    plan,
    pails: pailsOfDay(file, plan.course),
    question: { task: { line: working, state, doubt }, warmed: warmedLine(now), state },
  };
}

/** Loads of the whole day. */
export const loadsOfDay = ({ content }: DayNow): number =>
  loadsOf(
    extractorPlaces(content.frames, content.smallFrames ?? 0),
    content.extractor.framesPerLoad,
  ).length;
