import { lotFilesOf, type LotFile } from './lotFile';
import type { KnownBesides, LotContents } from './lotEvidence';
import type { Meters } from './meters';
import { pastLotsBefore, pastLotsOf, type DatedPastLot } from './pastLots';
import { replicateSets, repeatabilityFor, type ReplicateSet } from './readers';
import type { AnyRecord } from './record';

/** All lots with what they teach about each other: own lots, meters, readers. */
export interface Workshop {
  readonly files: readonly LotFile[];
  readonly meters: Meters;
  readonly pastLots: readonly DatedPastLot[];
  readonly replicates: readonly ReplicateSet[];
}

/** The workshop from the records of all lots and the meters of the book. */
export function workshopOf(lotRecords: readonly AnyRecord[], meters: Meters): Workshop {
  const files = lotFilesOf(lotRecords);
  return {
    files,
    meters,
    pastLots: pastLotsOf(files, meters),
    replicates: replicateSets(files.flatMap((one) => one.readings)),
  };
}

/** What is known besides a lot when it is ruled on. */
export function knownFor(
  { pastLots, meters, replicates }: Workshop,
  { lotId, contents }: { readonly lotId: string; readonly contents: LotContents },
): KnownBesides {
  const readers = contents.readings.map((one) => one.content.reader);
  return {
    pastLots: pastLotsBefore(pastLots, { lotId, day: contents.lot.date }),
    meters,
    repeatability: repeatabilityFor({ lotId, readers }, replicates),
  };
}
