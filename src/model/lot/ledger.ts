import {
  TYPICAL_MOISTURE_PERCENT,
  blocksOf,
  flatMapAlone,
  foundOnce,
  learnedBetweenVessels,
  rememberedBy,
  type HistoryReason,
  type InheritedBlock,
  type LotEvidence,
} from '../../core';
import {
  relatedEvidence,
  eventsOf,
  storedHoney,
  type RelatedRecords,
  type StoredHoney,
} from './relatedEvidence';
import { contentsOf, evidenceFrom, type LotContext, type LotContents } from './lotEvidence';
import { isSameList, type LotFile } from './lotFile';
import type { Meters } from './meters';
import {
  pastLotsBefore,
  pastLotsOf,
  teachingLots,
  vesselScatters,
  type DatedPastLot,
  type DatedScatter,
} from './pastLots';
import { replicateSets, repeatabilityFor, type ReplicateSet } from './readers';
import { parentLots } from '../store/pouring';
import { storedVessels } from '../store/store';

/** All lots with what they teach about each other: own lots, meters, readers. */
export interface Ledger {
  readonly files: readonly LotFile[];
  readonly meters: Meters;
  readonly pastLots: readonly DatedPastLot[];
  readonly replicates: readonly ReplicateSet[];
  /** what the vessels of each lot differed by */
  readonly scatters: readonly DatedScatter[];
  /** rooms, days at the line, blends, hives */
  readonly related: RelatedRecords;
  /** measured honey to blend with */
  readonly stored: readonly StoredHoney[];
}

/** What rests on a lot alone and on what is written down elsewhere, its parents left out. */
const ownEvidence = rememberedBy((related: RelatedRecords, file: LotFile): LotEvidence =>
  evidenceFrom(contentsOf(file), {
    meters: related.book.meters,
    ruleSets: related.book.ruleSets,
    related: relatedEvidence(file, related, []),
    events: eventsOf(file, related),
  }),
);

/** Honey of a lot in the store, by what blocks it itself and what blocks its parents. */
function storedFrom(
  file: LotFile,
  related: RelatedRecords,
  inherited: readonly InheritedBlock[],
): StoredHoney | null {
  const left = storedVessels(file, TYPICAL_MOISTURE_PERCENT, related.poured).reduce(
    (sum, storedVessel) => sum + (storedVessel.leftKg ?? 0),
    0,
  );
  return storedHoney(file.lot.entityId, { ...ownEvidence(related, file), inherited }, left);
}

const storedAlone = rememberedBy((related: RelatedRecords, file: LotFile) => ({
  honey: storedFrom(file, related, []),
}));

function storedOf(files: readonly LotFile[], related: RelatedRecords): StoredHoney[] {
  return flatMapAlone(files, (file) => {
    const inherited = inheritedBlocks(file.lot.entityId, files, related);
    const honey =
      inherited.length === 0
        ? storedAlone(related, file).honey
        : storedFrom(file, related, inherited);
    return honey ? [honey] : [];
  });
}

/** What blocks the lots that were poured into a lot: a block passes on to whatever it is blended into. */
export function inheritedBlocks(
  lotId: string,
  files: readonly LotFile[],
  related: RelatedRecords,
): InheritedBlock[] {
  const parents = parentLots(lotId, related.poured);
  if (parents.length === 0) return [];
  return files
    .filter((file) => parents.includes(file.lot.entityId))
    .flatMap((file) =>
      blocksOf(ownEvidence(related, file)).map((because) => ({
        lotCode: file.lot.content.code,
        because,
      })),
    );
}

/** Replicates are of one lot, so that each lot has its own. */
const replicatesOf = foundOnce(({ readings }: LotFile) => replicateSets(readings));

/**
 * The ledger from all lots and what is written down elsewhere, meters among it.
 */
export function ledgerOf(files: readonly LotFile[], related: RelatedRecords): Ledger {
  const { meters } = related.book;
  const teaching = teachingLots(files, related);
  return {
    files,
    meters,
    pastLots: pastLotsOf(teaching),
    scatters: vesselScatters(teaching),
    replicates: files.flatMap(replicatesOf),
    related,
    stored: storedOf(files, related),
  };
}

const byLotId = foundOnce(
  (files: readonly LotFile[]) => new Map(files.map((file) => [file.lot.entityId, file])),
);

const TAUGHT = new WeakMap<LotFile, readonly DatedPastLot[]>();

/** What taught a lot before, where nothing came since: the very same list, so that it is learned from once. */
function taughtTo(file: LotFile, lots: readonly DatedPastLot[]): readonly DatedPastLot[] {
  const before = TAUGHT.get(file);
  if (before && isSameList(before, lots)) return before;
  TAUGHT.set(file, lots);
  return lots;
}

/** What is known besides a lot when it is ruled on. */
export function knownFor(
  ledger: Ledger,
  { lotId, contents }: { readonly lotId: string; readonly contents: LotContents },
): LotContext {
  const { files, pastLots, meters, replicates, scatters, related, stored } = ledger;
  const readers = [...new Set(contents.readings.map((reading) => reading.content.reader))];
  const file = byLotId(files).get(lotId);
  const before = { lotId, day: contents.lot.date };
  const known = {
    pastLots: file
      ? taughtTo(file, pastLotsBefore(pastLots, before))
      : pastLotsBefore(pastLots, before),
    learned: { betweenVessels: learnedBetweenVessels(pastLotsBefore(scatters, before)) },
    meters,
    repeatability: repeatabilityFor({ lotId, readers }, replicates),
    ruleSets: related.book.ruleSets,
  };
  if (!file) return known;
  const inherited = inheritedBlocks(lotId, files, related);
  return {
    ...known,
    events: eventsOf(file, related),
    related: {
      ...relatedEvidence(file, related, stored),
      ...(inherited.length > 0 && { inherited }),
    },
  };
}

/** Readings of a lot that are history, each with what happened after it. */
export function readingsOfBefore(
  file: LotFile,
  { meters, related }: Pick<Ledger, 'meters' | 'related'>,
): ReadonlyMap<string, HistoryReason> {
  const events = eventsOf(file, related);
  const { earlier = [] } = evidenceFrom(contentsOf(file), { meters, events });
  return new Map(earlier.map((earlierReading) => [earlierReading.id, earlierReading.before]));
}
