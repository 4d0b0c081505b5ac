import { useMemo } from 'react';
import { OUTCOMES, ruleOnLot, type Ruling } from '../../../core';
import { useAllLotRecords } from '../../../db';
import {
  contentsOf,
  evidenceFrom,
  isRulingOutdated,
  lotFilesOf,
  pastLotsBefore,
  pastLotsOf,
  type LotFile,
} from '../../../records';
import { selectPreferences, selectWorkspace, useAppSelector } from '../../../store';
import { phrasingFor } from '../../format/phrasing';

/** A lot with the ruling on its evidence. */
export interface RuledLot {
  readonly file: LotFile;
  readonly ruling: Ruling;
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
export function useRuledLots(): RuledLot[] | undefined {
  const workspace = useAppSelector(selectWorkspace);
  const preferences = useAppSelector(selectPreferences);
  const records = useAllLotRecords(workspace);
  const files = useMemo(() => records && lotFilesOf(records), [records]);
  const pastLots = useMemo(() => pastLotsOf(files ?? []), [files]);
  return useMemo(
    () =>
      files?.map((file) => {
        const { entityId: lotId, content } = file.lot;
        const before = pastLotsBefore(pastLots, { lotId, day: content.date });
        const evidence = evidenceFrom(contentsOf(file), before);
        return {
          file,
          ruling: ruleOnLot(evidence, phrasingFor(preferences)),
          readingsPercent: evidence.readings.map((one) => one.moisturePercent),
          settled: file.ruling !== null && !isRulingOutdated(file),
        };
      }),
    [files, pastLots, preferences],
  );
}
