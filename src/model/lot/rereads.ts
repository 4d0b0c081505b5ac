import { TYPICAL_MOISTURE_PERCENT, groupBy } from '../../core';
import { vesselIdOf, type Reading } from '../../records';
import { storedVessels } from '../store/store';
import { readingEvidence, vesselLabel } from './lotEvidence';
import type { Ledger } from './ledger';
import type { LotFile } from './lotFile';
import { meteredReading, wouldBePercent, type Meters } from './meters';

/** A reading in doubt: as it counts, and as it would be by the later check [%]. */
export interface DoubtedReading {
  readonly reading: Reading;
  readonly countsPercent: number;
  readonly wouldBePercent: number;
}

/** A container whose readings are in doubt. */
export interface Reread {
  /** null: readings of the lot as a whole */
  readonly label: string | null;
  readonly doubted: readonly DoubtedReading[];
  /** a later reading is not in doubt */
  readonly isReadAgain: boolean;
  /** there is honey left to read */
  readonly isThere: boolean;
}

function doubtOf(reading: Reading, meters: Meters): DoubtedReading | null {
  const would = wouldBePercent(meteredReading(reading.content, meters));
  const was = readingEvidence(reading, meters);
  if (would === null || !was) return null;
  return { reading, countsPercent: was.moisturePercent, wouldBePercent: would };
}

/**
 * Containers of a lot whose readings a later check of the meter threw into doubt, those to read again first.
 *
 * @param meterId - only readings of this meter; of all where it is left out
 */
export function rereadsOf(file: LotFile, { meters, related }: Ledger, meterId?: string): Reread[] {
  const readings = file.readings
    .filter((reading) => readingEvidence(reading, meters) !== null)
    .sort((a, b) => a.content.takenAt.localeCompare(b.content.takenAt));
  if (!readings.some((reading) => doubtOf(reading, meters))) return [];
  const left = new Set(
    storedVessels(file, TYPICAL_MOISTURE_PERCENT, related.poured)
      .filter((vessel) => !vessel.isEmpty)
      .map((vessel) => vessel.id),
  );
  const byKey = groupBy(readings, ({ content }) => vesselIdOf(content) ?? '');
  const found = [...byKey].flatMap(([key, own]): Reread[] => {
    const doubted = own
      .filter(({ content }) => meterId === undefined || content.instrumentId === meterId)
      .flatMap((reading) => doubtOf(reading, meters) ?? []);
    const last = doubted.at(-1)?.reading;
    if (!last) return [];
    const later = own.slice(own.indexOf(last) + 1);
    return [
      {
        label: key === '' ? null : labelOf(file, last),
        doubted,
        isReadAgain: later.some((reading) => doubtOf(reading, meters) === null),
        isThere: key === '' ? left.size > 0 : left.has(key),
      },
    ];
  });
  return found.sort((a, b) => Number(a.isReadAgain) - Number(b.isReadAgain));
}

function labelOf(file: LotFile, { content }: Reading): string | null {
  const container = file.containers.find(({ entityId }) => entityId === content.containerId);
  return container ? vesselLabel(container.content, content.item ?? 1) : null;
}

/** Whether a container still waits to be read again. */
export const isToReread = ({ isReadAgain, isThere }: Reread): boolean => !isReadAgain && isThere;
