import { findRuleSet, type RuleSet } from '../limits/ruleSets';
import type { LotEvidence, ReadingEvidence } from '../ruling/evidence';
import { ruleOnLot } from '../ruling/engine';
import { ordinaryReading } from '../ruling/oneReading';
import { inEnglish } from './inEnglish';

export function ruleSet(id: string): RuleSet {
  const found = findRuleSet(id);
  if (!found) throw new Error(`no rule set ${id}`);
  return found;
}

/** A lot of one vessel under the EU limits, nothing looked at yet. */
export function lotEvidence(change: Partial<LotEvidence> = {}): LotEvidence {
  return {
    honeyKind: 'ordinary',
    ruleSet: ruleSet('eu-2001-110'),
    targetPercent: 18,
    comb: null,
    vessels: [{ id: 'a', label: 'Bucket 1', massKg: 12 }],
    readings: [],
    storageTemperatureC: null,
    signs: [],
    ...change,
  };
}

/** Readings of one vessel by an ordinary checked meter. */
export function readingsOf(values: readonly number[], vesselId = 'a'): ReadingEvidence[] {
  return values.map((value, at) => ({
    ...ordinaryReading(value, vesselId),
    id: `${vesselId}${at}`,
  }));
}

/** Some buckets alike. */
export const bucketsOf = (count: number, massKg: number | null = 20) =>
  Array.from({ length: count }, (_, place) => ({
    id: `b${place + 1}`,
    label: `Bucket ${place + 1}`,
    massKg,
  }));

/** Everything that a ruling finds, one sentence a line. */
export const said = (evidence: LotEvidence): string =>
  ruleOnLot(evidence)
    .findings.map((finding) => inEnglish(finding.sentence))
    .join('\n');
