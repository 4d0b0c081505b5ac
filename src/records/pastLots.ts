import {
  flatMapAlone,
  isUnreliable,
  lotMoisture,
  ordinaryVessels,
  statesOfComb,
  type HoneyEvent,
  type LotEvidence,
  type PastLot,
  type ReadingEvidence,
} from '../core';
import { eventsOf, type Around } from './aroundEvidence';
import { contentsOf, evidenceFrom } from './lotEvidence';
import type { LotFile } from './lotFile';
import { makeUpStates } from './lotMakeUp';
import { NO_METERS, type Meters } from './meters';

/** A lot that may teach: which, from which day, and what it was. */
export interface DatedPastLot extends PastLot {
  readonly lotId: string;
  readonly code: string;
  readonly day: string;
}

/**
 * Readings that say what the comb was worth: of liquid honey from ordinary vessels, taken before
 * anything changed it. What was dried or blended, or lay on the prism with crystals, teaches nothing.
 */
function teaching(
  { readings, vessels }: LotEvidence,
  events: readonly HoneyEvent[],
): readonly ReadingEvidence[] {
  const first = Math.min(Infinity, ...events.map((one) => one.atDay));
  const ordinary = new Set(ordinaryVessels(vessels).map((one) => one.id));
  return readings.filter(
    (one) =>
      (one.takenDay ?? -Infinity) < first &&
      !isUnreliable(one) &&
      (one.vesselId === null || ordinary.has(one.vesselId)),
  );
}

/** Lots that were judged in the comb and measured later: what was expected beside what was found. */
export function pastLotsOf(
  files: readonly LotFile[],
  meters: Meters = NO_METERS,
  around: Around | null = null,
): DatedPastLot[] {
  return flatMapAlone(files, (file) => {
    const evidence = evidenceFrom(contentsOf(file), { meters });
    const { comb, vessels } = evidence;
    const readings = teaching(
      { ...evidence, readings: [...evidence.readings, ...(evidence.earlier ?? [])] },
      around ? eventsOf(file, around) : [],
    );
    if (!comb || readings.length === 0) return [];
    const { meanPercent, uncertainty } = lotMoisture(readings, vessels);
    const states = file.frames ? makeUpStates(file.frames.content) : statesOfComb(comb);
    return [
      {
        lotId: file.lot.entityId,
        code: file.lot.content.code,
        day: file.lot.content.date,
        shares: states,
        measured: { mean: meanPercent, standardUncertainty: uncertainty.standard },
      },
    ];
  });
}

/** Those that were there before a lot: what follows cannot teach what went before. */
export function pastLotsBefore(
  lots: readonly DatedPastLot[],
  { lotId, day }: { readonly lotId: string; readonly day: string },
): DatedPastLot[] {
  return lots.filter((one) => one.lotId !== lotId && one.day < day);
}
