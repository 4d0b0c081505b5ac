import { interpretReading, readerRepeatability, type Repeatability } from '../../core';
import { dialReadingOf, type Reading, type ReadingContent } from '../../records';
import { localDayOf } from '../days';

/** Replicates belong together: same reader, meter, vessel, spot and day. */
function setKey({ content, ownerId }: Reading): string {
  const { reader, instrumentId, containerId, item, spot, takenAt, scale } = content;
  const place = [ownerId, containerId, item, spot];
  return [reader, instrumentId, scale, ...place, localDayOf(takenAt)].join('|');
}

function moistureOf(content: ReadingContent): number | null {
  const read = interpretReading(dialReadingOf(content));
  return read.status === 'read' ? read.moisturePercent : null;
}

/** Replicates of one reader at one vessel and spot on one day. */
export interface ReplicateSet {
  readonly reader: string;
  readonly lotId: string;
  /** moistures [%] */
  readonly values: readonly number[];
}

/**
 * Replicates, set by set. Practice counts here: it shows how well one reads. A meter's offset is
 * common to a sitting and drops out; streams say nothing of who reads.
 */
export function replicateSets(readings: readonly Reading[]): ReplicateSet[] {
  const sets = new Map<string, { reader: string; lotId: string; values: number[] }>();
  for (const reading of readings) {
    const { content, ownerId } = reading;
    const moisture = moistureOf(content);
    if (content.reader === '' || content.settledStandard !== null || moisture === null) continue;
    const key = setKey(reading);
    const own = sets.get(key);
    if (own) own.values.push(moisture);
    else sets.set(key, { reader: content.reader, lotId: ownerId, values: [moisture] });
  }
  return [...sets.values()];
}

/** How well one reader repeats, from all their replicates. */
export function repeatabilityOf(reader: string, sets: readonly ReplicateSet[]): Repeatability {
  return readerRepeatability(sets.filter((set) => set.reader === reader).map((set) => set.values));
}

/** Who read a lot. */
interface ReadLot {
  readonly lotId: string;
  readonly readers: readonly string[];
}

/** What those who read a lot read more than once in other lots: a value by itself repeats nothing. */
export const repeatsElsewhere = (
  { lotId, readers }: ReadLot,
  sets: readonly ReplicateSet[],
): ReplicateSet[] =>
  sets.filter(
    (set) => set.values.length > 1 && set.lotId !== lotId && readers.includes(set.reader),
  );

/**
 * How well those who read a lot repeat, from their replicates in other lots: its own enter with the
 * readings themselves. Readings without initials are nobody's and teach nothing.
 */
export const repeatabilityFor = (read: ReadLot, sets: readonly ReplicateSet[]): Repeatability =>
  readerRepeatability(repeatsElsewhere(read, sets).map((replicateSet) => replicateSet.values));
