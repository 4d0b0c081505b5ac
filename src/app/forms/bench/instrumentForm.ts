import { ATC_RANGE_C, type Scale } from '../../../core';
import {
  BAUD_RATES,
  instrumentContentSchema,
  type Connection,
  type InstrumentContent,
  type InstrumentKind,
  type Preferences,
} from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { choice, codec, number, quantity, words, yesNo } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { pair } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import { SCALE_NAMES } from '../../format/moisture';
import { USUAL_DIVISION, atcField } from './readingForm';

const KIND_NAMES: Readonly<Record<InstrumentKind, string>> = {
  hand: 'Hand refractometer',
  digital: 'Digital meter',
  bench: 'Bench refractometer',
};

const CONNECTION_NAMES: Readonly<Record<Connection, string>> = {
  typed: 'I read it and type',
  eyepiece: 'Stand-in: a drawn eyepiece to practise',
  'simulated-meter': 'Stand-in: a simulated digital meter',
  serial: 'It sends lines over a serial cable',
};

/** Usual range of a dial for honey, and of a wide one. @source common practice, no source */
export const USUAL_RANGES: Readonly<Record<Scale, readonly [number, number]>> = {
  water: [12, 27],
  brix: [58, 92],
  nD: [1.44, 1.51],
};

const baudRate: Codec<number, string> = codec(
  {
    as: 'select',
    label: 'Speed of the cable',
    choices: BAUD_RATES.map((one) => ({ value: String(one), label: `${one} baud` })),
  },
  String(BAUD_RATES[0]),
  String,
  Number,
);

const degrees = (label: string) => quantity('temperature', label, { digits: 0 });
const range = pair(degrees('From'), degrees('To'));

/** Usual ends stand ready where the range of compensation is not known. */
const atcRangeC: Codec<[number, number] | null, [string, string]> & Pick<typeof range, 'fields'> = {
  ...range,
  fill: (value, preferences) => range.fill(value ?? [...ATC_RANGE_C], preferences),
};

/** A meter. */
export const meterEntry = entryOf(
  instrumentContentSchema,
  {
    name: words('Name', { hint: 'As you call it, such as “the one by the gate”' }),
    instrumentKind: choice('Kind', KIND_NAMES),
    scale: choice<Scale>('Scale', SCALE_NAMES),
    resolution: number('One division', { digits: 5 }),
    range: pair(number('Lowest value', { digits: 4 }), number('Highest value', { digits: 4 })),
    atc: atcField,
    atcRangeC,
    reachesWater: yesNo('Its range reaches water', {
      names: { no: 'No', yes: 'Yes' },
      hint: 'Then it is zeroed on water; otherwise on an oil of stated index',
    }),
    connection: choice('How its values come in', CONNECTION_NAMES, { as: 'select' }),
    baudRate,
    checkEveryDays: number('Check every', { unit: 'days', digits: 0 }),
    checkEveryReadings: number('or every', { unit: 'readings', digits: 0 }),
    remark: words('Remark'),
  },
  { unasked: ({ atc }) => (atc === 'yes' ? {} : { atcRangeC: null }) },
);
export type MeterForm = FormOf<typeof meterEntry.fields>;

/** A hand refractometer for honey, as most have; whether it corrects temperature is asked. */
export const freshMeter = (preferences: Preferences): MeterForm =>
  meterEntry.fill(
    {
      resolution: Number(USUAL_DIVISION.water),
      range: [...USUAL_RANGES.water],
      atcRangeC: null,
      reachesWater: false,
      baudRate: 9600,
      checkEveryDays: 30,
      checkEveryReadings: 60,
    },
    preferences,
  );

/** The meter that the form says, or what is wrong in which field. */
export const readMeterForm = (
  form: MeterForm,
  preferences: Preferences,
): Parsed<InstrumentContent> =>
  meterEntry.read(form, preferences, {
    place: (path) => (path === 'range' || path === 'atcRangeC' ? `${path}.1` : path),
  });
