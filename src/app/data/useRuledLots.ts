import { useMemo } from 'react';
import { OUTCOMES, ruleOnLot, type LotEvidence, type Ruling } from '../../core';
import {
  contentsOf,
  evidenceFrom,
  isRulingOutdated,
  knownFor,
  type LotFile,
  type Workshop,
} from '../../records';
import { selectPreferences, useAppSelector } from '../../store';
import { phrasingFor } from '../format/phrasing';

/** A lot with the ruling on its evidence. */
export interface RuledLot {
  readonly file: LotFile;
  readonly ruling: Ruling;
  readonly evidence: LotEvidence;
  /** corrected readings [% water] */
  readonly readingsPercent: readonly number[];
  /** signed, and nothing has changed since */
  readonly settled: boolean;
}

/** The most severe first. */
export function bySeverity(a: RuledLot, b: RuledLot): number {
  return OUTCOMES.indexOf(a.ruling.outcome) - OUTCOMES.indexOf(b.ruling.outcome);
}

/** All lots with the ruling on the evidence at hand; undefined while loading. */
export function useRuledLots(workshop: Workshop | undefined): RuledLot[] | undefined {
  const preferences = useAppSelector(selectPreferences);
  return useMemo(
    () =>
      workshop?.files.map((file) => {
        const contents = contentsOf(file);
        const known = knownFor(workshop, { lotId: file.lot.entityId, contents });
        const evidence = evidenceFrom(contents, known);
        const ruling = ruleOnLot(evidence, phrasingFor(preferences));
        return {
          file,
          ruling,
          evidence,
          readingsPercent: evidence.readings.map((one) => one.moisturePercent),
          settled: file.ruling !== null && !isRulingOutdated(file, workshop.meters, ruling.outcome),
        };
      }),
    [workshop, preferences],
  );
}
