import { ATC_RANGE_C, type Scale } from '../../core';
import {
  instrumentContentSchema,
  type Connection,
  type InstrumentContent,
  type InstrumentKind,
  type Preferences,
} from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';
import { USUAL_DIVISION, atcChoice, atcOf, type AtcChoice } from './readingForm';

/** The fields of a meter as they are typed. */
export interface InstrumentForm {
  name: string;
  instrumentKind: InstrumentKind;
  scale: Scale;
  resolution: string;
  rangeLow: string;
  rangeHigh: string;
  atc: AtcChoice;
  atcLow: string;
  atcHigh: string;
  reachesWater: 'yes' | 'no';
  connection: Connection;
  baudRate: string;
  checkEveryDays: string;
  checkEveryReadings: string;
  remark: string;
}

/** Usual range of a dial for honey, and of a wide one. @source common practice, no source */
export const USUAL_RANGES: Readonly<Record<Scale, readonly [string, string]>> = {
  water: ['12', '27'],
  brix: ['58', '92'],
  nD: ['1.44', '1.51'],
};

const degreesText = (celsius: number, preferences: Preferences): string =>
  decimalText(unitOf('temperature', preferences).fromBase(celsius), 0);

/** A hand refractometer for honey, as most have. */
export function freshInstrument(preferences: Preferences): InstrumentForm {
  return {
    name: '',
    instrumentKind: 'hand',
    scale: 'water',
    resolution: USUAL_DIVISION.water,
    rangeLow: USUAL_RANGES.water[0],
    rangeHigh: USUAL_RANGES.water[1],
    atc: '',
    atcLow: degreesText(ATC_RANGE_C[0], preferences),
    atcHigh: degreesText(ATC_RANGE_C[1], preferences),
    reachesWater: 'no',
    connection: 'typed',
    baudRate: '9600',
    checkEveryDays: '30',
    checkEveryReadings: '60',
    remark: '',
  };
}

/** A form filled from a meter. */
export function instrumentFormOf(
  content: InstrumentContent,
  preferences: Preferences,
): InstrumentForm {
  const { range, atcRangeC, atc, reachesWater, ...same } = content;
  const [low, high] = atcRangeC ?? ATC_RANGE_C;
  return {
    ...same,
    resolution: decimalText(content.resolution, 5),
    rangeLow: decimalText(range[0], 4),
    rangeHigh: decimalText(range[1], 4),
    atc: atcChoice(atc),
    atcLow: degreesText(low, preferences),
    atcHigh: degreesText(high, preferences),
    reachesWater: reachesWater ? 'yes' : 'no',
    baudRate: String(content.baudRate),
    checkEveryDays: String(content.checkEveryDays),
    checkEveryReadings: String(content.checkEveryReadings),
  };
}

function fieldOf(path: string): string {
  if (path.startsWith('range')) return 'rangeHigh';
  return path.startsWith('atcRangeC') ? 'atcHigh' : path;
}

/** The meter that the form says, or what is wrong in which field. */
export function readInstrumentForm(
  form: InstrumentForm,
  preferences: Preferences,
): Parsed<InstrumentContent> {
  const reader = new FormReader(preferences);
  const { name, instrumentKind, scale, connection, remark } = form;
  const atc = atcOf(form.atc);
  const atcRangeC = atc
    ? [
        reader.quantity('atcLow', form.atcLow, 'temperature'),
        reader.quantity('atcHigh', form.atcHigh, 'temperature'),
      ]
    : null;
  const candidate = {
    name,
    instrumentKind,
    scale,
    resolution: reader.number('resolution', form.resolution),
    range: [reader.number('rangeLow', form.rangeLow), reader.number('rangeHigh', form.rangeHigh)],
    atc,
    atcRangeC,
    reachesWater: form.reachesWater === 'yes',
    connection,
    baudRate: reader.number('baudRate', form.baudRate),
    checkEveryDays: reader.number('checkEveryDays', form.checkEveryDays),
    checkEveryReadings: reader.number('checkEveryReadings', form.checkEveryReadings),
    remark,
  };
  return reader.finish(instrumentContentSchema, candidate, fieldOf);
}
