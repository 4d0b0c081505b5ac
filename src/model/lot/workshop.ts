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
  aroundEvidence,
  eventsOf,
  storedHoney,
  type Around,
  type StoredHoney,
} from './aroundEvidence';
import { contentsOf, evidenceFrom, type KnownBesides, type LotContents } from './lotEvidence';
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
export interface Workshop {
  readonly files: readonly LotFile[];
  readonly meters: Meters;
  readonly pastLots: readonly DatedPastLot[];
  readonly replicates: readonly ReplicateSet[];
  /** what the vessels of each lot differed by */
  readonly scatters: readonly DatedScatter[];
  /** rooms, days at the line, blends, hives */
  readonly around: Around;
  /** measured honey to blend with */
  readonly stored: readonly StoredHoney[];
}

/** What rests on a lot alone and on what is written down elsewhere, its parents left out. */
const ownEvidence = (file: LotFile, meters: Meters, around: Around): LotEvidence =>
  evidenceFrom(contentsOf(file), {
    meters,
    ruleSets: around.book.ruleSets,
    around: aroundEvidence(file, around, []),
    events: eventsOf(file, around),
  });

function storedOf(lots: Pick<Workshop, 'files' | 'meters'>, around: Around): StoredHoney[] {
  return flatMapAlone(lots.files, (file) => {
    const left = storedVessels(file, TYPICAL_MOISTURE_PERCENT, around.poured).reduce(
      (sum, one) => sum + (one.leftKg ?? 0),
      0,
    );
    const inherited = inheritedBlocks(file.lot.entityId, lots, around);
    const evidence = { ...ownEvidence(file, lots.meters, around), inherited };
    const honey = storedHoney(file.lot.entityId, evidence, left);
    return honey ? [honey] : [];
  });
}

/** What blocks the lots that were poured into a lot: a block passes on to whatever it is blended into. */
function inheritedBlocks(
  lotId: string,
  { files, meters }: Pick<Workshop, 'files' | 'meters'>,
  around: Around,
): InheritedBlock[] {
  const parents = parentLots(lotId, around.poured);
  return files
    .filter((one) => parents.includes(one.lot.entityId))
    .flatMap((file) =>
      blocksOf(ownEvidence(file, meters, around)).map((because) => ({
        lotCode: file.lot.content.code,
        because,
      })),
    );
}

/**
 * The workshop from all lots and what is written down elsewhere, meters among it.
 */
export function workshopOf(files: readonly LotFile[], around: Around): Workshop {
  const { meters } = around.book;
  const teaching = teachingLots(files, around);
  return {
    files,
    meters,
    pastLots: pastLotsOf(teaching),
    scatters: vesselScatters(teaching),
    replicates: replicateSets(files.flatMap((one) => one.readings)),
    around,
    stored: storedOf({ files, meters }, around),
  };
}

/** What is known besides a lot when it is ruled on. */
export function knownFor(
  workshop: Workshop,
  { lotId, contents }: { readonly lotId: string; readonly contents: LotContents },
): KnownBesides {
  const { files, pastLots, meters, replicates, scatters, around, stored } = workshop;
  const readers = contents.readings.map((one) => one.content.reader);
  const file = files.find((one) => one.lot.entityId === lotId);
  const before = { lotId, day: contents.lot.date };
  const known = {
    pastLots: pastLotsBefore(pastLots, before),
    learned: { betweenVessels: learnedBetweenVessels(pastLotsBefore(scatters, before)) },
    meters,
    repeatability: repeatabilityFor({ lotId, readers }, replicates),
    ruleSets: around.book.ruleSets,
  };
  if (!file) return known;
  const inherited = inheritedBlocks(lotId, workshop, around);
  return {
    ...known,
    events: eventsOf(file, around),
    around: {
      ...aroundEvidence(file, around, stored),
      ...(inherited.length > 0 && { inherited }),
    },
  };
}

/** Readings of a lot that are history, each with what happened after it. */
export function readingsOfBefore(
  file: LotFile,
  { meters, around }: Pick<Workshop, 'meters' | 'around'>,
): ReadonlyMap<string, HistoryReason> {
  const events = eventsOf(file, around);
  const { earlier = [] } = evidenceFrom(contentsOf(file), { meters, events });
  return new Map(earlier.map((one) => [one.id, one.before]));
}
