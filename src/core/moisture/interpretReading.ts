import { requireInRange } from '../errors';
import { COMPUTED_RANGE_ND20, isOutsideTable, moistureFromIndex } from './refractiveIndex';
import { indexFromDial, type Scale } from './scales';
import { PRISM_RANGE_C, REFERENCE_TEMPERATURE_C, indexAt20C } from './temperature';

/** Range over which a meter usually compensates temperature by itself [°C]. @source common practice, no source */
export const ATC_RANGE_C: readonly [number, number] = [10, 30];

/** One look at the dial, as it was read. */
export interface DialReading {
  readonly scale: Scale;
  /** in the unit of the scale */
  readonly dialValue: number;
  /** temperature of prism and honey [°C], null where nobody noted it */
  readonly temperatureC: number | null;
  /** whether the meter compensates temperature by itself */
  readonly atc: boolean;
}

/** What a reader of the figure must know about it. */
export type ReadingMark =
  'outside-table' | 'outside-atc-range' | 'temperature-assumed' | 'brix-not-by-subtraction';

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
}

/** A dial value that is honest, but whose corrected index lies beyond 12..30 % moisture. */
export interface UnreadableReading {
  readonly status: 'beyond-relation';
  readonly nD20: number;
}

function marksOf(reading: DialReading, moisturePercent: number): ReadingMark[] {
  const { scale, temperatureC, atc } = reading;
  const marks: ReadingMark[] = [];
  if (isOutsideTable(moisturePercent)) marks.push('outside-table');
  if (temperatureC === null) marks.push('temperature-assumed');
  const outsideAtc =
    temperatureC !== null && (temperatureC < ATC_RANGE_C[0] || temperatureC > ATC_RANGE_C[1]);
  if (atc && outsideAtc) marks.push('outside-atc-range');
  if (scale === 'brix') marks.push('brix-not-by-subtraction');
  return marks;
}

/**
 * Moisture of honey from one look at a refractometer.
 *
 * Every scale goes through the refractive index. Without ATC the index is brought to 20 °C; with
 * ATC no second correction is applied. An unnoted temperature counts as 20 °C and is marked; its
 * price is paid in the uncertainty (`readingBudget`).
 *
 * @param reading - scale, dial value, temperature of prism and honey, ATC
 * @returns the corrected moisture with what the correction did, or 'beyond-relation'
 * @throws DomainError `out-of-range` for a dial value no honey shows, or a prism outside 5..45 °C
 * @accuracy see `readingBudget`
 * @source AOAC 969.38 and the International Honey Commission's method, recalled from memory
 */
export function interpretReading(reading: DialReading): InterpretedReading | UnreadableReading {
  const { scale, dialValue, atc } = reading;
  const temperatureC = reading.temperatureC ?? REFERENCE_TEMPERATURE_C;
  requireInRange(temperatureC, PRISM_RANGE_C, {
    fn: 'interpretReading',
    param: 'temperatureC',
    unit: '°C',
  });
  const dialIndex = indexFromDial(scale, dialValue);
  const nD20 = atc ? dialIndex : indexAt20C(dialIndex, temperatureC);
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
  };
}
