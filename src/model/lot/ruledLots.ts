import { OUTCOMES, ruleOnLot, type LotEvidence, type Ruling } from '../../core';
import { contentsOf, evidenceFrom } from './lotEvidence';
import { isRulingOutdated, isSameList, lotFileOf, type LotFile } from './lotFile';
import { inheritedBlocks, knownFor, type Ledger } from './ledger';
import { pastLotsBefore } from './pastLots';
import { repeatsElsewhere } from './readers';
import { drierStock, type RelatedRecords } from './relatedEvidence';
import { current, type AnyRecord } from '../../records';

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

/** A lot that cannot be ruled on: what it holds is beyond what can be computed. */
export interface UnruledLot {
  readonly file: LotFile;
  /** as the computation put it, for a report */
  readonly why: string;
  /** records of it without which a ruling can be made, each by itself */
  readonly suspects: readonly AnyRecord[];
}

/** Lots with their rulings, and those of which none could be made. */
export interface RuledLots {
  readonly ruled: readonly RuledLot[];
  readonly unruled: readonly UnruledLot[];
}

/** The most severe first. */
export function bySeverity(a: RuledLot, b: RuledLot): number {
  return OUTCOMES.indexOf(a.ruling.outcome) - OUTCOMES.indexOf(b.ruling.outcome);
}

/** All that a ruling rests on besides its lot. */
interface Basis {
  /** rooms, days at the line, blends, hives, meters, the moment */
  readonly related: RelatedRecords;
  /** what other lots teach of it */
  readonly taught: readonly object[];
  /** what other lots have for it, and pass on to it */
  readonly given: string;
}

function basisOf(file: LotFile, { files, pastLots, scatters, replicates, ...rest }: Ledger): Basis {
  const { entityId: lotId, content } = file.lot;
  const { related, stored } = rest;
  const before = { lotId, day: content.date };
  const readers = [...new Set(file.readings.map((reading) => reading.content.reader))];
  return {
    related,
    taught: [
      ...pastLotsBefore(pastLots, before),
      ...pastLotsBefore(scatters, before),
      ...repeatsElsewhere({ lotId, readers }, replicates),
    ],
    given: JSON.stringify([
      drierStock(lotId, content, stored),
      inheritedBlocks(lotId, files, related),
    ]),
  };
}

const isSameBasis = (a: Basis, b: Basis): boolean =>
  a.related === b.related && a.given === b.given && isSameList(a.taught, b.taught);

const RULED = new WeakMap<LotFile, { readonly basis: Basis; readonly ruled: RuledLot }>();

/** The ruling on a lot's evidence at hand: made again once any of it has changed. */
export function ruledLot(file: LotFile, ledger: Ledger): RuledLot {
  const basis = basisOf(file, ledger);
  const before = RULED.get(file);
  if (before && isSameBasis(before.basis, basis)) return before.ruled;
  const ruled = ruledAnew(file, ledger);
  RULED.set(file, { basis, ruled });
  return ruled;
}

function ruledAnew(file: LotFile, ledger: Ledger): RuledLot {
  const contents = contentsOf(file);
  const known = knownFor(ledger, { lotId: file.lot.entityId, contents });
  const evidence = evidenceFrom(contents, known);
  const ruling = ruleOnLot(evidence);
  return {
    file,
    ruling,
    evidence,
    readingsPercent: evidence.readings.map((reading) => reading.moisturePercent),
    settled: file.ruling !== null && !isRulingOutdated(file, ledger.meters, ruling.outcome),
  };
}

function canBeRuled(file: LotFile, ledger: Ledger): boolean {
  try {
    ruledLot(file, ledger);
    return true;
  } catch {
    return false;
  }
}

/** Records without which a lot can be ruled on. */
function suspectsOf(file: LotFile, ledger: Ledger): AnyRecord[] {
  return current(file.history).filter((suspect) => {
    if (suspect.kind === 'lot') return false;
    const rest = file.history.filter((lot) => lot.entityId !== suspect.entityId);
    const without = lotFileOf(rest);
    return without !== null && canBeRuled(without, ledger);
  });
}

/** Each lot ruled by itself: one that cannot be ruled on does not take the others with it. */
export function ruledLots(ledger: Ledger): RuledLots {
  const ruled: RuledLot[] = [];
  const unruled: UnruledLot[] = [];
  for (const file of ledger.files) {
    try {
      ruled.push(ruledLot(file, ledger));
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      unruled.push({ file, why, suspects: suspectsOf(file, ledger) });
    }
  }
  return { ruled, unruled };
}
