import {
  isStuck,
  flipsOf,
  planVerdictOf,
  ruleOnLot,
  suspectVesselsOf,
  type LotEvidence,
  type Ruling,
} from '../../../core';
import { contentsOf, evidenceFrom, knownFor, type LotFile, type Ledger } from '../../../model';
import { benchWords } from '../../words/english/bench';
import type { Preferences } from '../../../records';
import type { Answer } from '../../lot/useLot';
import { tell } from '../../words/tell';

/** A lot at the bench with what to measure of it next. */
export interface ToMeasure {
  readonly file: LotFile;
  readonly evidence: LotEvidence;
  readonly ruling: Ruling;
  /** smaller comes first */
  readonly rank: number;
  readonly next: string;
}

/** Suspicious vessels that have no reading of their own. */
function unreadSuspects(evidence: LotEvidence): string[] {
  const read = new Set(evidence.readings.map((reading) => reading.vesselId));
  const left = suspectVesselsOf(evidence).filter((suspectVessel) => !read.has(suspectVessel.id));
  return left.map((vessel) => vessel.label);
}

function nextOf(
  file: LotFile,
  { evidence, ruling }: Answer,
  preferences: Preferences,
): [number, string] {
  const has = (ruleId: string): boolean =>
    ruling.findings.some((finding) => finding.ruleId === ruleId && finding.bearing === 'measure');
  const plan = planVerdictOf(evidence);
  const suspects = unreadSuspects(evidence);
  if (evidence.readings.length === 0) return [0, benchWords.notMeasuredYetTakeA()];
  if (has('unreliable-samples')) return [1, benchWords.liquefyOrStirThenRead()];
  if (has('zero-jumped')) return [2, benchWords.theMetersZeroJumpedSet()];
  if (plan?.status === 'incomplete') {
    return [3, benchWords.vesselsOfThePlanTo({ missing: plan.missing.length })];
  }
  if (suspects.length > 0) {
    return [4, benchWords.keptApartAndNotRead({ suspects: suspects.join(', ') })];
  }
  if (ruling.outcome === 'measure') {
    const flips = flipsOf(evidence, ruling);
    return isStuck(ruling, flips)
      ? [5, benchWords.notSettledAndNoFurther()]
      : [
          5,
          flips[0]
            ? tell(flips[0].sentence, preferences)
            : benchWords.notSettledTakeAnotherReading(),
        ];
  }
  if (file.ruling) return [8, benchWords.measuredAndSigned()];
  return [7, benchWords.measured()];
}

/** All lots with what to measure next, the most urgent first. */
export function lotsToMeasure(ledger: Ledger, preferences: Preferences): ToMeasure[] {
  return ledger.files
    .map((file) => {
      const contents = contentsOf(file);
      const known = knownFor(ledger, { lotId: file.lot.entityId, contents });
      const evidence = evidenceFrom(contents, known);
      const ruling = ruleOnLot(evidence);
      const [rank, next] = nextOf(file, { evidence, ruling }, preferences);
      return { file, evidence, ruling, rank, next };
    })
    .sort((a, b) => a.rank - b.rank);
}
