import type { Expectation, StateShares } from '../capping/expectation';
import type { CombJudgement } from '../capping/expectedMoisture';
import type { HoneyKind, RuleSet } from '../limits/ruleSets';
import type { ReadingMark } from '../moisture/interpretReading';
import type { LotReading } from '../moisture/lotMoisture';
import type { ZeroCheck } from '../moisture/readingBudget';
import type { School } from '../schools/school';

/** Signs that honey ferments; one of them outranks every number. */
export const FERMENTATION_SIGNS = ['foam-returns', 'gas', 'sour-smell', 'bulging-lid'] as const;
export type FermentationSign = (typeof FERMENTATION_SIGNS)[number];

/** A vessel of the lot, as the rules see it. */
export interface VesselEvidence {
  readonly id: string;
  readonly label: string;
  readonly massKg: number | null;
}

/** A corrected reading, as the rules see it. */
export interface ReadingEvidence extends LotReading {
  readonly marks: readonly ReadingMark[];
  readonly zeroCheck: ZeroCheck;
}

/** What was seen of the comb, as the rules see it. */
export interface CombEvidence extends CombJudgement {
  /** honey by state where frames were judged one by one; otherwise it follows from share and shake */
  readonly states?: StateShares;
  /** what is expected of each state by climate and own lots; the ordinary prior where not named */
  readonly expectation?: Expectation;
  /** frames that were blocked and taken all the same: from which hive, and why */
  readonly cleared?: readonly { readonly from: string; readonly because: string }[];
  /** the school that judged; four fifths where none is named */
  readonly school?: School;
}

/** Everything known about a lot at the moment of ruling. */
export interface LotEvidence {
  readonly honeyKind: HoneyKind;
  readonly ruleSet: RuleSet;
  /** the keeper's own target [% by mass] */
  readonly targetPercent: number;
  /** null where nobody looked at the comb */
  readonly comb: CombEvidence | null;
  readonly vessels: readonly VesselEvidence[];
  readonly readings: readonly ReadingEvidence[];
  /** of the store [°C], null where not known */
  readonly storageTemperatureC: number | null;
  readonly signs: readonly FermentationSign[];
}

/** The limit of the rule set in force for this kind of honey [% by mass]. */
export function limitPercent(evidence: LotEvidence): number {
  return evidence.ruleSet.moistureLimitPercent[evidence.honeyKind];
}
