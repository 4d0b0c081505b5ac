import {
  isStuck,
  flipsOf,
  planVerdictOf,
  ruleOnLot,
  suspectVesselsOf,
  type LotEvidence,
  type Ruling,
} from '../../../core';
import { contentsOf, evidenceFrom, knownFor, type LotFile, type Workshop } from '../../../model';
import { counted } from '../../format/counted';

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
  const read = new Set(evidence.readings.map((one) => one.vesselId));
  const left = suspectVesselsOf(evidence).filter((one) => !read.has(one.id));
  return left.map((one) => one.label);
}

function nextOf(file: LotFile, evidence: LotEvidence, ruling: Ruling): [number, string] {
  const has = (ruleId: string): boolean =>
    ruling.findings.some((one) => one.ruleId === ruleId && one.bearing === 'measure');
  const plan = planVerdictOf(evidence);
  const suspects = unreadSuspects(evidence);
  if (evidence.readings.length === 0) return [0, 'Nothing measured yet: read it.'];
  if (has('unreliable-samples')) return [1, 'Liquefy or stir, then read again.'];
  if (has('zero-jumped')) return [2, 'The meter’s zero jumped: read again with it set right.'];
  if (plan?.status === 'incomplete') {
    return [3, `${counted(plan.missing.length, 'vessel')} of the plan to read.`];
  }
  if (suspects.length > 0) {
    return [4, `Suspicious and not read: ${suspects.join(', ')}.`];
  }
  if (ruling.outcome === 'measure') {
    const flips = flipsOf(evidence, ruling);
    return isStuck(ruling, flips)
      ? [5, 'Not settled, and no number of readings with this meter will.']
      : [5, flips[0]?.sentence ?? 'Not settled: read once more.'];
  }
  if (file.ruling) return [8, 'Measured and signed.'];
  return [7, 'Measured.'];
}

/** All lots with what to measure next, the most urgent first. */
export function lotsToMeasure(workshop: Workshop): ToMeasure[] {
  return workshop.files
    .map((file) => {
      const contents = contentsOf(file);
      const known = knownFor(workshop, { lotId: file.lot.entityId, contents });
      const evidence = evidenceFrom(contents, known);
      const ruling = ruleOnLot(evidence);
      const [rank, next] = nextOf(file, evidence, ruling);
      return { file, evidence, ruling, rank, next };
    })
    .sort((a, b) => a.rank - b.rank);
}
