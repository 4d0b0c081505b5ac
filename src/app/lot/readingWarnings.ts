import {
  LAYERING_SPREAD_PERCENT,
  criticalRange,
  readingBudget,
  type InterpretedReading,
  type Repeatability,
} from '../../core';
import { meteredReading, type Meters } from '../../model';
import { vesselIdOf, type Reading, type ReadingContent } from '../../records';
import { lotWords } from '../words/english/lot';

const sameVessel = (a: ReadingContent, b: ReadingContent): boolean =>
  vesselIdOf(a) === vesselIdOf(b);

/** Readings of the same vessel, spot, meter and reader: replicates of one another. */
export function replicatesOf(content: ReadingContent, others: readonly Reading[]): Reading[] {
  return others.filter(
    ({ content: one }) =>
      sameVessel(one, content) &&
      one.spot === content.spot &&
      one.instrumentId === content.instrumentId &&
      one.reader === content.reader &&
      one.practice === content.practice,
  );
}

function moisture(content: ReadingContent, meters: Meters): number | null {
  const { read } = meteredReading(content, meters);
  return read.status === 'read' ? read.moisturePercent : null;
}

interface WarningContext {
  /** readings of the lot kept so far */
  readonly others: readonly Reading[];
  readonly meters: Meters;
  readonly repeatability: Repeatability;
}

function spreadWarning(content: ReadingContent, here: number, context: WarningContext): string[] {
  const { others, meters, repeatability } = context;
  const values = [
    here,
    ...replicatesOf(content, others).flatMap(
      (replicate) => moisture(replicate.content, meters) ?? [],
    ),
  ];
  if (values.length < 2) return [];
  const { dial, condition } = meteredReading(content, meters);
  const divisionPercent = readingBudget(dial, condition).resolution * Math.sqrt(12);
  const spread = Math.max(...values) - Math.min(...values);
  const usual = criticalRange(values.length, repeatability.standardDeviation, divisionPercent);
  if (spread <= usual) return [];
  const whose = repeatability.from === 'own' ? lotWords.your() : lotWords.aReaders();
  return [
    lotWords.readingsOfThisSampleAre({
      values: values.length,
      spread: spread.toFixed(1),
      whose,
      usual: usual.toFixed(1),
    }),
  ];
}

function layerWarning(content: ReadingContent, here: number, context: WarningContext): string[] {
  const opposite = content.spot === 'top' ? 'bottom' : content.spot === 'bottom' ? 'top' : null;
  if (opposite === null) return [];
  const other = context.others.findLast(
    (item) => sameVessel(item.content, content) && item.content.spot === opposite,
  );
  const there = other ? moisture(other.content, context.meters) : null;
  if (there === null || Math.abs(there - here) <= LAYERING_SPREAD_PERCENT) return [];
  return [lotWords.betweenTopAndBottomDrier({ there: Math.abs(there - here).toFixed(1) })];
}

/** What the person at the prism must know now about the reading being typed, beside its marks. */
export function readingWarnings(
  content: ReadingContent,
  read: InterpretedReading,
  context: WarningContext,
): string[] {
  const here = read.moisturePercent;
  return [...spreadWarning(content, here, context), ...layerWarning(content, here, context)];
}
