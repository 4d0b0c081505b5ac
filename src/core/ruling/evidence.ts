import type { Expectation, StateShares } from '../capping/expectation';
import type { CombJudgement } from '../capping/expectedMoisture';
import type { HoneyKind, RuleSet } from '../limits/ruleSets';
import type { ReadingMark } from '../moisture/interpretReading';
import type { LotReading } from '../moisture/lotComponents';
import type { Spot } from '../moisture/sampleState';
import type { ZeroCheck } from '../moisture/readingBudget';
import type { Spread } from '../moisture/spreads';
import type { FlowerEvidence } from '../quality/flowerName';
import type { Claimed, LabEvidence } from '../quality/laboratory';
import type { SensesEvidence } from '../quality/senses';
import type { PlanAim } from '../sampling/samplingPlan';
import type { School } from '../schools/school';

/** Signs that honey ferments; one of them outranks every number. */
export const FERMENTATION_SIGNS = ['foam-returns', 'gas', 'sour-smell', 'bulging-lid'] as const;
export type FermentationSign = (typeof FERMENTATION_SIGNS)[number];

/** A vessel of the lot, as the rules see it. */
export interface VesselEvidence {
  readonly id: string;
  readonly label: string;
  readonly massKg: number | null;
  /** why it is judged by itself; not there for an ordinary one */
  readonly suspectBecause?: string;
}

/** A corrected reading, as the rules see it. */
export interface ReadingEvidence extends LotReading {
  readonly marks: readonly ReadingMark[];
  readonly zeroCheck: ZeroCheck;
  /** what it would be with the offset that a later check found to have jumped; else not there */
  readonly wouldBePercent?: number;
}

/** A sampling plan as it was fixed before looking. */
export interface PlanEvidence extends PlanAim {
  /** ids of the vessels to be tested at each look */
  readonly plannedIds: readonly (readonly string[])[];
  /** where each vessel is to be read; anywhere where not there */
  readonly spots?: readonly Spot[];
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
  /** of the readers, from other lots; assumed where not there */
  readonly repeatability?: Spread;
  readonly plan?: PlanEvidence;
  readonly senses?: SensesEvidence;
  readonly laboratory?: LabEvidence;
  /** category and claims that composition limits depend on */
  readonly claimed?: Claimed;
  /** what bears on the flower's name; not there where nothing was looked at */
  readonly flower?: FlowerEvidence;
}

/** Vessels that the lot's mean speaks for: the suspicious ones are judged by themselves. */
export function ordinaryVessels(vessels: readonly VesselEvidence[]): readonly VesselEvidence[] {
  const ordinary = vessels.filter((one) => one.suspectBecause === undefined);
  return ordinary.length > 0 ? ordinary : vessels;
}

/** Readings that the lot's mean rests on: none of a vessel judged by itself, none with crystals where there are others. */
export function ordinaryReadings({ vessels, readings }: LotEvidence): readonly ReadingEvidence[] {
  const ordinary = new Set(ordinaryVessels(vessels).map((one) => one.id));
  return reliable(readings.filter((one) => one.vesselId === null || ordinary.has(one.vesselId)));
}

/** Whether a reading's sample had crystals or was an unstirred gel. */
export function isUnreliable({ marks }: ReadingEvidence): boolean {
  return marks.includes('crystals') || marks.includes('gel');
}

/** Without the unreliable ones, as soon as there are others to go by. */
function reliable(readings: readonly ReadingEvidence[]): readonly ReadingEvidence[] {
  const good = readings.filter((one) => !isUnreliable(one));
  return good.length > 0 ? good : readings;
}

/** Readings of vessels judged by themselves. */
export function suspectReadings(evidence: LotEvidence): readonly ReadingEvidence[] {
  const ordinary = new Set(ordinaryVessels(evidence.vessels).map((one) => one.id));
  const own = evidence.readings.filter((one) => one.vesselId !== null);
  return reliable(own.filter((one) => !ordinary.has(one.vesselId ?? '')));
}

/** The limit of the rule set in force for this kind of honey [% by mass]. */
export function limitPercent(evidence: LotEvidence): number {
  return evidence.ruleSet.moistureLimitPercent[evidence.honeyKind];
}
