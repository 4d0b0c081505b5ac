import { requireInRange, requireFinite } from '../errors';
import { quadrature, rectangularUncertainty } from '../stats/uncertainty';
import { ATC_RANGE_C, atcGap, prismGapC, type DialReading } from './interpretReading';
import { moisturePerIndex } from './refractiveIndex';
import { SAMPLE_HALF_WIDTH_PERCENT } from './sampleState';
import { indexFromDial, indexPerDial } from './scales';
import { HONEY_INDEX_PER_C, REFERENCE_TEMPERATURE_C, SUGAR_INDEX_PER_C } from './temperature';

/** One division of a dial, in the unit of its scale. */
export const DIVISION_RANGE: readonly [number, number] = [1e-6, 10];

/** How lately the meter was held against a known reference. */
export type ZeroCheck = 'checked' | 'unchecked';

/**
 * Standard uncertainties that do not depend on the dial [% moisture, unless said].
 *
 * @source relation: handbook figure for AOAC 969.38, recalled from memory; all others common
 * practice, no source, to be replaced by the keeper's own records
 */
export const BUDGET_DEFAULTS = {
  relation: 0.05,
  calibration: { checked: 0.13, unchecked: 0.42 } satisfies Record<ZeroCheck, number>,
  /** degrees of freedom of these guesses */
  calibrationDof: { checked: 4, unchecked: 3 } satisfies Record<ZeroCheck, number>,
  /** half width of what a prism thermometer may be off [°C] */
  thermometerHalfWidthC: 1,
  /** half width assumed where nobody noted a temperature [°C] */
  unnotedHalfWidthC: 10,
} as const;

/** Parts of a budget, by name. */
export type BudgetPart =
  | 'resolution'
  | 'temperature'
  | 'calibration'
  | 'relation'
  | 'method'
  | 'sample';

/** The parts of one reading's uncertainty that repeating it does not shrink [% moisture]. */
export interface ReadingBudget extends Readonly<Record<Exclude<BudgetPart, 'method'>, number>> {
  /** of the method between laboratories; nothing where not there */
  readonly method?: number;
  /** behind the calibration; Infinity where not there */
  readonly calibrationDof?: number;
}

/** Kinds of honey that refractometry meets differently. */
export const METHOD_KINDS = ['blossom', 'honeydew', 'heather', 'high-fructose'] as const;
export type MethodKind = (typeof METHOD_KINDS)[number];

/**
 * What two laboratories that read one honey by refractometer differ by, and what the one table for all
 * honeys is off by for its kind [% moisture, standard]: the table was made of blossom honeys. Data, to be
 * replaced by a trial between laboratories.
 *
 * @source sizes not verified: about what reproducibility of such methods comes to, common practice, no source
 */
export const METHOD_TERMS: Readonly<Record<MethodKind, number>> = {
  blossom: 0.1,
  honeydew: 0.15,
  heather: 0.15,
  'high-fructose': 0.12,
};

/** Degrees of freedom of these terms. @source our choice, as for a guess */
export const METHOD_DOF = 6;

/** What the budget needs beyond the reading itself. */
export interface MeterCondition {
  /** one division of the dial, in the unit of the scale, > 0 */
  readonly resolution: number;
  readonly zeroCheck: ZeroCheck;
  /** standard uncertainty of the zero [% moisture] where the meter has a history; else by `zeroCheck` */
  readonly calibrationPercent?: number;
  /** behind `calibrationPercent`; that of the guess where not there */
  readonly calibrationDof?: number;
}

function degreesBeyondAtc({ temperatureC, atcRangeC = ATC_RANGE_C }: DialReading): number {
  if (temperatureC === null) return 0;
  return Math.max(0, atcRangeC[0] - temperatureC, temperatureC - atcRangeC[1]);
}

function temperatureHalfWidth(reading: DialReading, percentPerIndex: number): number {
  const { thermometerHalfWidthC, unnotedHalfWidthC } = BUDGET_DEFAULTS;
  const known = reading.temperatureC;
  const doubtC =
    known === null ? unnotedHalfWidthC : thermometerHalfWidthC + prismGapC(reading) / 2;
  if (!reading.atc) return percentPerIndex * HONEY_INDEX_PER_C * doubtC;
  const offReferenceC = known === null ? doubtC : Math.abs(known - REFERENCE_TEMPERATURE_C);
  const residual = (HONEY_INDEX_PER_C - SUGAR_INDEX_PER_C) * offReferenceC;
  const uncompensated = HONEY_INDEX_PER_C * (degreesBeyondAtc(reading) + prismGapC(reading) / 2);
  return percentPerIndex * (residual + uncompensated);
}

/**
 * Standard uncertainty of one reading, part by part, without the reader's own repeatability.
 *
 * Resolution is one division over √12. Temperature: ± 1 °C of the thermometer, or ± 10 °C where
 * nobody noted it; with ATC what is left since the compensation is built for sugar, and the whole
 * coefficient for each degree beyond its range. Half the gap between honey and prism is added where
 * both were noted. All rectangular. Where nobody knows whether it compensates, half of what the two
 * answers differ by: one of the two ends is true, so it counts in full.
 *
 * @param reading - as read
 * @param meter - division of the dial and state of the zero check
 * @param kind - of the honey, as refractometry meets it
 * @returns six standard uncertainties [% moisture], and the degrees of freedom behind the calibration
 * @throws DomainError `out-of-range` for a dial value no honey shows or a resolution not above 0
 * @source JCGM 100:2008 (GUM), 4.3.7, recalled from memory; sizes as in `BUDGET_DEFAULTS`
 */
export function readingBudget(
  reading: DialReading,
  meter: MeterCondition,
  kind: MethodKind = 'blossom',
): ReadingBudget {
  requireFinite({ reading, meter, kind }, 'readingBudget');
  const { scale, dialValue } = reading;
  const fn = 'readingBudget';
  requireInRange(meter.resolution, DIVISION_RANGE, { fn, param: 'resolution', unit: scale });
  const index = indexFromDial(scale, dialValue);
  const percentPerIndex = Math.abs(moisturePerIndex(index));
  const percentPerDivision = percentPerIndex * indexPerDial(scale, dialValue);
  return {
    resolution: rectangularUncertainty((meter.resolution * percentPerDivision) / 2),
    temperature: quadrature([
      rectangularUncertainty(temperatureHalfWidth(reading, percentPerIndex)),
      (percentPerIndex * atcGap(reading)) / 2,
    ]),
    calibration: meter.calibrationPercent ?? BUDGET_DEFAULTS.calibration[meter.zeroCheck],
    calibrationDof: meter.calibrationDof ?? BUDGET_DEFAULTS.calibrationDof[meter.zeroCheck],
    relation: BUDGET_DEFAULTS.relation,
    method: METHOD_TERMS[kind],
    sample: rectangularUncertainty(SAMPLE_HALF_WIDTH_PERCENT[reading.sample ?? 'clear']),
  };
}
