import type { LineCourse } from '../../core';
import type { ContainerContent, ExtractionContent } from '../../records';
import type { ExtractionFile } from './extractionFile';

/** Weighed on a kitchen or hanging scale [kg]. @source common practice, no source */
const PAIL_PLUS_MINUS_KG = 0.1;

/** A last pail under so much is no container [kg]. */
const LEAST_KG = 0.1;

/** Pails of a day: those ticked off and those still to come, and what is in the last ones. */
export interface PailsOfDay {
  readonly full: number;
  readonly lastKg: readonly number[];
}

/** Pails of a day that is over: those ticked off, and what of its honey filled no other. */
function pailsThen(fullKg: number, ticked: number, strainedKg: number): PailsOfDay {
  const restKg = strainedKg - ticked * fullKg;
  return { full: ticked, lastKg: restKg >= LEAST_KG && restKg < fullKg ? [restKg] : [] };
}

/**
 * The pails that a day comes to: what was ticked, and what its course still fills. Of a day that is
 * over only what was ticked counts; where nobody ticked, it is taken as planned.
 */
export function pailsOfDay(
  { extraction, ticks }: Pick<ExtractionFile, 'extraction' | 'ticks'>,
  course: LineCourse,
): PailsOfDay {
  const ticked = ticks.filter((tick) => tick.content.what === 'pail-full').length;
  const { doneAt, pail } = extraction.content;
  if (doneAt !== null && ticked > 0) return pailsThen(pail.kg, ticked, course.mass.strained);
  return {
    full: ticked + course.pailsAtMin.length,
    lastKg: course.lastPailsKg.filter((kg) => kg >= LEAST_KG),
  };
}

function pails(label: string, count: number, massKg: number): ContainerContent {
  const amount = { by: 'mass', massKg, plusMinusKg: PAIL_PLUS_MINUS_KG } as const;
  return { containerKind: 'bucket', label, count, amount, suspects: [] };
}

/** What pails are called; `last` with its number where there are several. */
export interface PailLabels {
  readonly pail: string;
  last(number: number | null): string;
}

/**
 * The containers that a day suggests for its lot: full pails as one entry, and each last one. What
 * is spun last comes from leftover frames, so the last pail is judged by itself.
 */
export function suggestedContainers(
  { pail }: ExtractionContent,
  { full, lastKg }: PailsOfDay,
  labels: PailLabels,
): ContainerContent[] {
  const whole = full > 0 ? [pails(labels.pail, full, pail.kg)] : [];
  const last = lastKg.map((kg, at): ContainerContent => {
    const content = pails(labels.last(lastKg.length > 1 ? at + 1 : null), 1, Number(kg.toFixed(2)));
    return { ...content, suspects: [{ item: 1, because: 'last-of-extractor' }] };
  });
  return [...whole, ...last];
}
