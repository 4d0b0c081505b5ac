import { flatMapAlone, lotMoisture, statesOfComb, type PastLot } from '../core';
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

/** Lots that were judged in the comb and measured later: what was expected beside what was found. */
export function pastLotsOf(files: readonly LotFile[], meters: Meters = NO_METERS): DatedPastLot[] {
  return flatMapAlone(files, (file) => {
    const { comb, vessels, readings } = evidenceFrom(contentsOf(file), { meters });
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
