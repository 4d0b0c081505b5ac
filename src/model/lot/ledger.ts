import {
  TYPICAL_MOISTURE_PERCENT,
  blocksOf,
  flatMapAlone,
  learnedBetweenVessels,
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
import type { LotFile } from './lotFile';
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
const ownEvidence = (file: LotFile, meters: Meters, related: RelatedRecords): LotEvidence =>
  evidenceFrom(contentsOf(file), {
    meters,
    ruleSets: related.book.ruleSets,
    related: relatedEvidence(file, related, []),
    events: eventsOf(file, related),
  });

function storedOf(lots: Pick<Ledger, 'files' | 'meters'>, related: RelatedRecords): StoredHoney[] {
  return flatMapAlone(lots.files, (file) => {
    const left = storedVessels(file, TYPICAL_MOISTURE_PERCENT, related.poured).reduce(
      (sum, storedVessel) => sum + (storedVessel.leftKg ?? 0),
      0,
    );
    const inherited = inheritedBlocks(file.lot.entityId, lots, related);
    const evidence = { ...ownEvidence(file, lots.meters, related), inherited };
    const honey = storedHoney(file.lot.entityId, evidence, left);
    return honey ? [honey] : [];
  });
}

/** What blocks the lots that were poured into a lot: a block passes on to whatever it is blended into. */
function inheritedBlocks(
  lotId: string,
  { files, meters }: Pick<Ledger, 'files' | 'meters'>,
  related: RelatedRecords,
): InheritedBlock[] {
  const parents = parentLots(lotId, related.poured);
  return files
    .filter((file) => parents.includes(file.lot.entityId))
    .flatMap((file) =>
      blocksOf(ownEvidence(file, meters, related)).map((because) => ({
        lotCode: file.lot.content.code,
        because,
      })),
    );
}

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
    replicates: replicateSets(files.flatMap((file) => file.readings)),
    related,
    stored: storedOf({ files, meters }, related),
  };
}

/** What is known besides a lot when it is ruled on. */
export function knownFor(
  ledger: Ledger,
  { lotId, contents }: { readonly lotId: string; readonly contents: LotContents },
): LotContext {
  const { files, pastLots, meters, replicates, scatters, related, stored } = ledger;
  const readers = contents.readings.map((reading) => reading.content.reader);
  const file = files.find((lotFile) => lotFile.lot.entityId === lotId);
  const before = { lotId, day: contents.lot.date };
  const known = {
    pastLots: pastLotsBefore(pastLots, before),
    learned: { betweenVessels: learnedBetweenVessels(pastLotsBefore(scatters, before)) },
    meters,
    repeatability: repeatabilityFor({ lotId, readers }, replicates),
    ruleSets: related.book.ruleSets,
  };
  if (!file) return known;
  const inherited = inheritedBlocks(lotId, ledger, related);
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
