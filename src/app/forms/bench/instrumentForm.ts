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
import { commonWords } from '../../words/english/common';
import { meterWords } from '../../words/english/meter';

const KIND_NAMES: Readonly<Record<InstrumentKind, string>> = {
  hand: meterWords.handRefractometer(),
  digital: meterWords.digitalMeter(),
  bench: meterWords.benchRefractometer(),
};

const CONNECTION_NAMES: Readonly<Record<Connection, string>> = {
  typed: meterWords.iReadItAndType(),
  eyepiece: meterWords.practiceADrawnEyepiece(),
  'simulated-meter': meterWords.practiceASimulatedDigitalMeter(),
  serial: meterWords.connectedBySerialCable(),
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
    label: meterWords.cableSpeed(),
    choices: BAUD_RATES.map((value) => ({
      value: String(value),
      label: meterWords.baud({ one: value }),
    })),
  },
  String(BAUD_RATES[0]),
  String,
  Number,
);

const degrees = (label: string) => quantity('temperature', label, { digits: 0 });
const range = pair(degrees(commonWords.from()), degrees(commonWords.to()));

/** Usual ends stand ready where the range of compensation is not known. */
const atcRangeC: Codec<[number, number] | null, [string, string]> & Pick<typeof range, 'fields'> = {
  ...range,
  fill: (value, preferences) => range.fill(value ?? [...ATC_RANGE_C], preferences),
};

/** A meter. */
export const meterEntry = entryOf(
  instrumentContentSchema,
  {
    name: words(commonWords.name(), { hint: meterWords.yourNameForItSuch() }),
    instrumentKind: choice(meterWords.kind(), KIND_NAMES),
    scale: choice<Scale>(meterWords.scale(), SCALE_NAMES),
    resolution: number(meterWords.oneDivision(), { digits: 5 }),
    range: pair(
      number(meterWords.lowestValue(), { digits: 4 }),
      number(meterWords.highestValue(), { digits: 4 }),
    ),
    atc: atcField,
    atcRangeC,
    reachesWater: yesNo(meterWords.canItReadPureWater(), {
      names: { no: commonWords.no(), yes: commonWords.yes() },
      hint: meterWords.ifSoZeroItOn(),
    }),
    connection: choice(meterWords.howReadingsComeIn(), CONNECTION_NAMES, { as: 'select' }),
    baudRate,
    checkEveryDays: number(meterWords.checkEvery(), { unit: commonWords.days(), digits: 0 }),
    checkEveryReadings: number(meterWords.orEvery(), { unit: meterWords.readings(), digits: 0 }),
    remark: words(commonWords.remark()),
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
