import { requireInRange } from '../errors';
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
  calibration: { checked: 0.1, unchecked: 0.3 } satisfies Record<ZeroCheck, number>,
  /** half width of what a prism thermometer may be off [°C] */
  thermometerHalfWidthC: 1,
  /** half width assumed where nobody noted a temperature [°C] */
  unnotedHalfWidthC: 10,
} as const;

/** The parts of one reading's uncertainty that repeating it does not shrink [% moisture]. */
export interface ReadingBudget {
  readonly resolution: number;
  readonly temperature: number;
  readonly calibration: number;
  readonly relation: number;
  /** cloudiness, crystals, gel */
  readonly sample: number;
}

/** What the budget needs beyond the reading itself. */
export interface MeterCondition {
  /** one division of the dial, in the unit of the scale, > 0 */
  readonly resolution: number;
  readonly zeroCheck: ZeroCheck;
  /** standard uncertainty of the zero [% moisture] where the meter has a history; else by `zeroCheck` */
  readonly calibrationPercent?: number;
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
 * @returns five standard uncertainties [% moisture]
 * @throws DomainError `out-of-range` for a dial value no honey shows or a resolution not above 0
 * @source JCGM 100:2008 (GUM), 4.3.7, recalled from memory; sizes as in `BUDGET_DEFAULTS`
 */
export function readingBudget(reading: DialReading, meter: MeterCondition): ReadingBudget {
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
    relation: BUDGET_DEFAULTS.relation,
    sample: rectangularUncertainty(SAMPLE_HALF_WIDTH_PERCENT[reading.sample ?? 'clear']),
  };
}
