import { requireInRange } from '../errors';
import type { SampleState } from './sampleState';
import { COMPUTED_RANGE_ND20, isOutsideTable, moistureFromIndex } from './refractiveIndex';
import { indexFromDial, type Scale } from './scales';
import {
  HONEY_INDEX_PER_C,
  PRISM_RANGE_C,
  REFERENCE_TEMPERATURE_C,
  indexAt20C,
} from './temperature';

/** Range over which a meter usually compensates temperature by itself [°C]. @source common practice, no source */
export const ATC_RANGE_C: readonly [number, number] = [10, 30];

/** One look at the dial, as it was read. */
export interface DialReading {
  readonly scale: Scale;
  /** in the unit of the scale */
  readonly dialValue: number;
  /** temperature of prism and honey [°C], null where nobody noted it */
  readonly temperatureC: number | null;
  /** whether the meter compensates temperature by itself; null where nobody knows */
  readonly atc: boolean | null;
  /** range of that compensation [°C]; `ATC_RANGE_C` where the meter does not say */
  readonly atcRangeC?: readonly [number, number];
  /** of the honey where it was noted apart from the prism [°C] */
  readonly honeyTemperatureC?: number | null;
  /** known error of the meter's index, from its zero check [1]; subtracted */
  readonly offsetIndex?: number;
  /** what the honey on the prism looked like; clear where not said */
  readonly sample?: SampleState;
}

/** Honey and prism further apart than this have not settled [°C]. @source common practice, no source */
export const SETTLED_WITHIN_C = 2;

/** How far honey and prism were apart [°C]; 0 where only one was noted. */
export function prismGapC({ temperatureC, honeyTemperatureC }: DialReading): number {
  if (temperatureC === null || honeyTemperatureC === null || honeyTemperatureC === undefined) {
    return 0;
  }
  return Math.abs(honeyTemperatureC - temperatureC);
}

/**
 * How far apart the two readings of a dial are where nobody knows whether the meter compensates [index];
 * 0 where it is known, or where prism and honey were at 20 °C.
 */
export function atcGap({ atc, temperatureC }: DialReading): number {
  if (atc !== null || temperatureC === null) return 0;
  return HONEY_INDEX_PER_C * Math.abs(temperatureC - REFERENCE_TEMPERATURE_C);
}

/** What a reader of the figure must know about it. */
export const READING_MARKS = [
  'outside-table',
  'outside-atc-range',
  'atc-unknown',
  'temperature-assumed',
  'brix-not-by-subtraction',
  'prism-not-settled',
  'crystals',
  'cloudy',
  'gel',
] as const;
export type ReadingMark = (typeof READING_MARKS)[number];

/** The moisture that a dial reading stands for. */
export interface InterpretedReading {
  readonly status: 'read';
  readonly nD20: number;
  readonly moisturePercent: number;
  /** what the dial says before any correction [%] */
  readonly dialMoisturePercent: number;
  /** corrected minus dial [%]; negative where the prism was warm */
  readonly correctionPercent: number;
  readonly marks: readonly ReadingMark[];
  /** what it means with and without ATC [%], where nobody knows and it matters; else not there */
  readonly eitherPercent?: readonly [number, number];
}

/** A dial value that is honest, but whose corrected index lies beyond 12..30 % moisture. */
export interface UnreadableReading {
  readonly status: 'beyond-relation';
  readonly nD20: number;
}

/** What the sample does to a reading, in the words of marks. */
const SAMPLE_MARKS: Partial<Record<SampleState, ReadingMark>> = {
  cloudy: 'cloudy',
  crystals: 'crystals',
  gel: 'gel',
};

function marksOf(reading: DialReading, moisturePercent: number): ReadingMark[] {
  const { scale, temperatureC, atc, atcRangeC = ATC_RANGE_C, sample = 'clear' } = reading;
  const ofSample = SAMPLE_MARKS[sample];
  const marks: ReadingMark[] = [];
  if (isOutsideTable(moisturePercent)) marks.push('outside-table');
  if (temperatureC === null) marks.push('temperature-assumed');
  const outsideAtc =
    temperatureC !== null && (temperatureC < atcRangeC[0] || temperatureC > atcRangeC[1]);
  if (atc !== false && outsideAtc) marks.push('outside-atc-range');
  if (atcGap(reading) > 0) marks.push('atc-unknown');
  if (prismGapC(reading) > SETTLED_WITHIN_C) marks.push('prism-not-settled');
  if (ofSample) marks.push(ofSample);
  if (scale === 'brix') marks.push('brix-not-by-subtraction');
  return marks;
}

/** Moisture of an index, at the edge of the relation where it lies beyond [%]. */
const withinRelation = (nD20: number): number =>
  moistureFromIndex(Math.min(COMPUTED_RANGE_ND20[1], Math.max(COMPUTED_RANGE_ND20[0], nD20)));

/**
 * Moisture of honey from one look at a refractometer.
 *
 * Every scale goes through the refractive index. Without ATC the index is brought to 20 °C; with
 * ATC no second correction is applied. What a zero check found the meter to be off by is taken off
 * first. Where nobody knows whether it compensates, the figure stands halfway between both, and its
 * doubt covers both. An unnoted temperature counts as 20 °C and is marked; its
 * price is paid in the uncertainty (`readingBudget`).
 *
 * @param reading - scale, dial value, temperature of prism and honey, ATC, known error of the meter
 * @returns the corrected moisture with what the correction did, or 'beyond-relation'
 * @throws DomainError `out-of-range` for a dial value no honey shows, or a prism outside 5..45 °C
 * @accuracy see `readingBudget`
 * @source AOAC 969.38 and the International Honey Commission's method, recalled from memory
 */
export function interpretReading(reading: DialReading): InterpretedReading | UnreadableReading {
  const { scale, dialValue, atc, offsetIndex = 0 } = reading;
  const temperatureC = reading.temperatureC ?? REFERENCE_TEMPERATURE_C;
  requireInRange(temperatureC, PRISM_RANGE_C, {
    fn: 'interpretReading',
    param: 'temperatureC',
    unit: '°C',
  });
  const dialIndex = indexFromDial(scale, dialValue);
  const trueIndex = dialIndex - offsetIndex;
  const without = indexAt20C(trueIndex, temperatureC);
  const nD20 = atc === null ? (trueIndex + without) / 2 : atc ? trueIndex : without;
  if (nD20 < COMPUTED_RANGE_ND20[0] || nD20 > COMPUTED_RANGE_ND20[1]) {
    return { status: 'beyond-relation', nD20 };
  }
  const moisturePercent = moistureFromIndex(nD20);
  const dialMoisturePercent = moistureFromIndex(dialIndex);
  return {
    status: 'read',
    nD20,
    moisturePercent,
    dialMoisturePercent,
    correctionPercent: moisturePercent - dialMoisturePercent,
    marks: marksOf(reading, moisturePercent),
    ...(atcGap(reading) > 0 && {
      eitherPercent: [withinRelation(trueIndex), withinRelation(without)] as const,
    }),
  };
}
