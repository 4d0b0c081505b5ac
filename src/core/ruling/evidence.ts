import type { Estimate } from '../conformity/conformity';
import type { GuessedColour } from '../quality/combColour';
import type { ColourClassId } from '../quality/pfund';
import type { HeatBand } from '../heat/heatBudget';
import type { Circumstances } from './circumstances';
import type { Expectation, StateShares } from '../capping/expectation';
import type { CombJudgement } from '../capping/expectedMoisture';
import type { HoneyKind, RuleSet } from '../limits/ruleSets';
import type { Spot } from '../moisture/sampleState';
import type { LearnedSpreads, Spread } from '../moisture/spreads';
import type { FlowerEvidence } from '../quality/flowerName';
import type { Claimed, LabEvidence } from '../quality/laboratory';
import type { SensesEvidence } from '../quality/senses';
import type { PlanAim } from '../sampling/samplingPlan';
import type { School } from '../schools/school';
import type { EarlierReading } from './honeyEvents';
import type { ReadingEvidence } from './readingEvidence';
import type { Message } from '../message/message';

/** Signs that honey ferments; one of them outranks every number. */
export const FERMENTATION_SIGNS = ['foam-returns', 'gas', 'sour-smell', 'bulging-lid'] as const;
export type FermentationSign = (typeof FERMENTATION_SIGNS)[number];

export type { ReadingEvidence } from './readingEvidence';

/** A vessel of the lot, as the rules see it. */
export interface VesselEvidence {
  readonly id: string;
  readonly label: string;
  readonly massKg: number | null;
  /** why it is judged by itself; not there for an ordinary one */
  readonly suspectBecause?: Message;
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

/** A frame of the lot whose comb stood on a hive while something was given there. */
export interface TreatedFrames {
  /** the hive; null where nobody wrote it down */
  readonly from: string | null;
  readonly because: Message;
}

/** What blocks a lot that was poured into this one. */
export interface InheritedBlock {
  readonly lotCode: string;
  readonly because: Message;
}

/** What warmth has cost, as the rules see it; an estimate, only a laboratory certifies. */
export interface HeatEvidence {
  /** of the budget, from the limits of HMF and diastase [1] */
  readonly spentShare: HeatBand;
  /** [mg/kg] */
  readonly hmf: HeatBand;
}

/** What became of it in a warm room. */
export interface DryingHistory {
  readonly days: number;
  /** first and last moisture read there [%], null where fewer than two were */
  readonly course: { readonly fromPercent: number; readonly toPercent: number } | null;
  /** whether a later reading was wetter than an earlier one by more than both may be off */
  readonly rewetted: boolean;
}

/** Drier honey of the same kind in the store, to blend with. */
export interface DrierStock {
  readonly massKg: number;
  readonly moisturePercent: number;
}

/** What a record names and the books do not have: nothing is put in its place in silence. */
export const UNKNOWNS = ['rule-set', 'school', 'frame-format'] as const;
export type UnknownKind = (typeof UNKNOWNS)[number];

/** What nobody has said of boxes that are not in the book: were their hives treated or fed? */
export interface UnaskedBoxes {
  /** as they were typed */
  readonly label: string;
  readonly frames: number;
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
  /** of the honey as it is now */
  readonly readings: readonly ReadingEvidence[];
  /** of the honey before something happened to it: history, see `readingsInTime` */
  readonly earlier?: readonly EarlierReading[];
  /** readings that cannot be used: with what the meter is off by they are beyond any honey */
  readonly unreadable?: number;
  /** named in records, not to be found */
  readonly unknown?: readonly UnknownKind[];
  /** boxes that are not in the book and of which nobody said whether they were treated or fed */
  readonly unasked?: readonly UnaskedBoxes[];
  /** hives that it came from and that the book marks as suspect of disease */
  readonly suspectHives?: readonly string[];
  /** things of which two versions stand side by side until somebody chooses */
  readonly rivals?: number;
  /** of the store [°C], null where not known */
  readonly storageTemperatureC: number | null;
  readonly signs: readonly FermentationSign[];
  /** of the readers, from other lots; assumed where not there */
  readonly repeatability?: Spread;
  /** what vessels and spots differ by, from other lots; assumed where not there */
  readonly learned?: LearnedSpreads;
  readonly plan?: PlanEvidence;
  readonly senses?: SensesEvidence;
  readonly laboratory?: LabEvidence;
  /** category and claims that composition limits depend on */
  readonly claimed?: Claimed;
  /** what bears on the flower's name; not there where nothing was looked at */
  readonly flower?: FlowerEvidence;
  /** what else bears on it, as the keeper said */
  readonly circumstances?: Circumstances;
  /** frames found to be blocked by what was given to their hive */
  readonly treatedFrames?: readonly TreatedFrames[];
  readonly heat?: HeatEvidence;
  readonly drying?: DryingHistory;
  /** opening of the finest mesh that it ran through [µm] */
  readonly finestMeshUm?: number;
  readonly drierStock?: DrierStock;
  /** what blocks lots that were poured into it */
  readonly inherited?: readonly InheritedBlock[];
  /** computed from the measured containers that it was blended from */
  readonly blended?: Estimate;
  /** records of the lot that are left out, since a value in them cannot be right */
  readonly setAside?: number;
  /** whole days from 1970-01-01 to the day of extraction */
  readonly takenDay?: number;
  /** guessed in the comb, and read in glass; not there where either is missing */
  readonly colour?: { readonly guess: GuessedColour; readonly inGlass: ColourClassId };
}

/** Whether every vessel is kept apart, so that the lot's figure is theirs. */
export const allAreSuspect = (vessels: readonly VesselEvidence[]): boolean =>
  vessels.length > 0 && vessels.every((vessel) => vessel.suspectBecause !== undefined);

/** Vessels that the lot's mean speaks for: the suspicious ones are judged by themselves. */
export function ordinaryVessels(vessels: readonly VesselEvidence[]): readonly VesselEvidence[] {
  const ordinary = vessels.filter((vessel) => vessel.suspectBecause === undefined);
  return ordinary.length > 0 ? ordinary : vessels;
}

/** Readings that the lot's mean rests on: none of a vessel judged by itself, none with crystals where there are others. */
export function ordinaryReadings({ vessels, readings }: LotEvidence): readonly ReadingEvidence[] {
  const ordinary = new Set(ordinaryVessels(vessels).map((ordinaryVessel) => ordinaryVessel.id));
  return reliable(
    readings.filter((reading) => reading.vesselId === null || ordinary.has(reading.vesselId)),
  );
}

/** Whether a reading's sample had crystals or was an unstirred gel. */
export function isUnreliable({ marks }: ReadingEvidence): boolean {
  return marks.includes('crystals') || marks.includes('gel');
}

/** Without the unreliable ones, as soon as there are others to go by. */
function reliable(readings: readonly ReadingEvidence[]): readonly ReadingEvidence[] {
  const good = readings.filter((reading) => !isUnreliable(reading));
  return good.length > 0 ? good : readings;
}

/** Readings of vessels judged by themselves. */
export function suspectReadings(evidence: LotEvidence): readonly ReadingEvidence[] {
  const suspects = new Set(
    evidence.vessels
      .filter((vessel) => vessel.suspectBecause !== undefined)
      .map((vessel) => vessel.id),
  );
  return reliable(evidence.readings.filter((reading) => suspects.has(reading.vesselId ?? '')));
}

/** The limit of the rule set in force for this kind of honey [% by mass]. */
export function limitPercent(evidence: LotEvidence): number {
  return evidence.ruleSet.moistureLimitPercent[evidence.honeyKind];
}
