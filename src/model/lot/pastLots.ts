import {
  flatMapAlone,
  foundOnce,
  isUnreliable,
  lotMoisture,
  ordinaryVessels,
  rememberedBy,
  statesOfComb,
  vesselScatter,
  type HoneyEvent,
  type LotEvidence,
  type PastLot,
  type ReadingEvidence,
  type VesselScatter,
} from '../../core';
import { eventsOf, type RelatedRecords } from './relatedEvidence';
import { contentsOf, evidenceFrom } from './lotEvidence';
import type { LotFile } from './lotFile';
import { compositionStates } from './lotComposition';

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
  const first = Math.min(Infinity, ...events.map((honeyEvent) => honeyEvent.atDay));
  const ordinary = new Set(ordinaryVessels(vessels).map((ordinaryVessel) => ordinaryVessel.id));
  return readings.filter(
    (reading) =>
      (reading.takenDay ?? -Infinity) < first &&
      !isUnreliable(reading) &&
      (reading.vesselId === null || ordinary.has(reading.vesselId)),
  );
}

/** A lot with the readings that teach something. */
interface TeachingLot {
  readonly file: LotFile;
  readonly evidence: LotEvidence;
  readonly readings: readonly ReadingEvidence[];
}

/** Lots with readings of the honey as it came out of the comb. */
export const teachingLots = (files: readonly LotFile[], related: RelatedRecords): TeachingLot[] =>
  flatMapAlone(files, (file) => taughtBy(related, file));

const taughtBy = rememberedBy((related: RelatedRecords, file: LotFile): readonly TeachingLot[] => {
  const evidence = evidenceFrom(contentsOf(file), { meters: related.book.meters });
  const readings = teaching(
    { ...evidence, readings: [...evidence.readings, ...(evidence.earlier ?? [])] },
    eventsOf(file, related),
  );
  return readings.length === 0 ? [] : [{ file, evidence, readings }];
});

/** What the vessels of a lot differed by, and when. */
export interface DatedScatter extends VesselScatter {
  readonly lotId: string;
  readonly day: string;
}

/** What the vessels of each lot differed by. */
export const vesselScatters = (lots: readonly TeachingLot[]): DatedScatter[] =>
  flatMapAlone(lots, scatterOf);

const scatterOf = foundOnce(({ file, readings }: TeachingLot): readonly DatedScatter[] => {
  const scatter = vesselScatter(readings);
  const { entityId: lotId, content } = file.lot;
  return scatter ? [{ ...scatter, lotId, day: content.date }] : [];
});

/** Lots that were judged in the comb and measured later: what was expected beside what was found. */
export const pastLotsOf = (lots: readonly TeachingLot[]): DatedPastLot[] =>
  flatMapAlone(lots, pastLotOf);

const pastLotOf = foundOnce((lot: TeachingLot): readonly DatedPastLot[] => {
  const { file, evidence, readings } = lot;
  const { comb, vessels } = evidence;
  if (!comb) return [];
  const { meanPercent, uncertainty } = lotMoisture(readings, vessels);
  const states = file.frames ? compositionStates(file.frames.content) : statesOfComb(comb);
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

/** Those that were there before a lot: what follows cannot teach what went before. */
export function pastLotsBefore<T extends { readonly lotId: string; readonly day: string }>(
  lots: readonly T[],
  { lotId, day }: { readonly lotId: string; readonly day: string },
): T[] {
  return lots.filter((lot) => lot.lotId !== lotId && lot.day < day);
}
