import {
  TYPICAL_MOISTURE_PERCENT,
  expectedMixture,
  freshState,
  priorExpectation,
  readerRepeatability,
  studentCdf,
  updatedExpectation,
  type LineTask,
  type MassEstimate,
} from '../../core';
import { dayNow, clockMin } from '../line/extractionLine';
import type { ExtractionFile } from '../line/extractionFile';
import type { LotFile } from './lotFile';
import { compositionMass } from './lotComposition';
import { lotMass } from './lotMass';
import { pastLotsBefore, type DatedPastLot } from './pastLots';
import type { ReplicateSet } from './readers';

/** Where each lot's moisture lay in what its comb, and the lots before it, let expect [1]. */
export function combPlaces(lots: readonly DatedPastLot[]): number[] {
  const prior = priorExpectation('not-said');
  return lots.map((lot) => {
    const before = updatedExpectation(prior, pastLotsBefore(lots, lot));
    const { mean, standardUncertainty, degreesOfFreedom } = expectedMixture(lot.shares, before);
    const doubt = Math.hypot(standardUncertainty, lot.measured.standardUncertainty);
    return studentCdf((lot.measured.mean - mean) / doubt, degreesOfFreedom ?? Infinity);
  });
}

/** Of the honey judged in the comb, what is usually left in combs and cappings, and its spread [1]. @source common practice, no source: 3 to 8 % */
const LEFT_BEHIND = { share: 0.055, spread: 0.02 } as const;

/** Where a crop lay in what was judged of it in the comb [1]. */
export function cropPlace(judged: MassEstimate, found: MassEstimate): number {
  const expected = judged.massKg * (1 - LEFT_BEHIND.share);
  const doubt = Math.hypot(
    judged.standardUncertaintyKg,
    found.standardUncertaintyKg,
    LEFT_BEHIND.spread * judged.massKg,
  );
  return studentCdf((found.massKg - expected) / Math.max(doubt, 1e-6), Infinity);
}

/** Where the crop of each lot lay in what was judged of its combs [1]; lots without either are left out. */
export function cropPlaces(files: readonly LotFile[], blended: ReadonlySet<string>): number[] {
  return files.flatMap((file) => {
    const { got } = lotMass(file, TYPICAL_MOISTURE_PERCENT);
    if (!file.frames || !got || got.massKg <= 0 || blended.has(file.lot.entityId)) return [];
    const judged = compositionMass(file.frames.content);
    return judged.massKg > 0 ? [cropPlace(judged, got)] : [];
  });
}

/**
 * Where each further reading of a sample lay in what the reader's record before it let expect [1], by
 * reader.
 */
export function readerPlaces(sets: readonly ReplicateSet[]): ReadonlyMap<string, number[]> {
  const places = new Map<string, number[]>();
  const before = new Map<string, (readonly number[])[]>();
  for (const { reader, values } of sets) {
    const known = before.get(reader) ?? [];
    const [first, second] = values;
    if (first !== undefined && second !== undefined) {
      const { standardDeviation, degreesOfFreedom } = readerRepeatability(known);
      const apart = (second - first) / (standardDeviation * Math.SQRT2);
      places.set(reader, [...(places.get(reader) ?? []), studentCdf(apart, degreesOfFreedom)]);
    }
    before.set(reader, [...known, values]);
  }
  return places;
}

/** A day that is over, as it was planned before it began, and when it really ended. */
export interface EndedDay {
  readonly task: LineTask;
  /** [min after midnight] */
  readonly endedMin: number;
}

/** Days that are over, each as the days before it let expect. */
export function endedDays(days: readonly ExtractionFile[]): EndedDay[] {
  return days.flatMap((file) => {
    const { content } = file.extraction;
    if (content.startedAt === null || content.doneAt === null) return [];
    // As it was in the morning: nothing ticked off, no pail looked at.
    const { from } = dayNow({ ...file, ticks: [], pours: [] }, Date.parse(content.doneAt), days);
    const startMin = clockMin(content.day, content.startedAt);
    const line = { ...from.line, startMin };
    const task = { line, state: { ...freshState(line), nowMin: startMin }, doubt: from.doubt };
    return [{ task, endedMin: clockMin(content.day, content.doneAt) }];
  });
}
