import type { ReferenceKind } from '../../../core';
import {
  MOST_LOOKS,
  zeroCheckContentSchema,
  type InstrumentContent,
  type Preferences,
  type ZeroCheckContent,
} from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { codec, number, oneOf, optional, quantity, words, yesNo } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed } from '../../entry/reader';
import { decimalText } from '../../format/decimal';
import { commonWords } from '../../words/english/common';
import { meterWords } from '../../words/english/meter';

/** Labels tell the coefficient as a small number; here in units of 0.00001 per °C. */
const PER_DEGREE_UNIT = 1e-5;

const perDegree: Codec<number, string> = codec(
  {
    as: 'text',
    label: meterWords.itsFallPerC(),
    unit: '× 10⁻⁵',
    inputMode: 'decimal',
    hint: meterWords.leaveEmptyForTheUsual(),
  },
  '',
  (value) => decimalText(value / PER_DEGREE_UNIT, 1),
  (typed, at) => at.decimal(typed) * PER_DEGREE_UNIT,
);

const LEAST_FIELDS = 3;
const look = number(commonWords.theDialShows(), { digits: 5 });

/** What the dial showed, one look or more; fields left empty are no looks. */
const looks: Codec<number[], string[]> & { readonly line: typeof look } = {
  look: null,
  line: look,
  empty: ['', '', ''],
  fill: (values, preferences) => {
    const typed = values.map((value) => look.fill(value, preferences));
    return [...typed, '', ''].slice(0, Math.max(LEAST_FIELDS, typed.length));
  },
  read: (typed, at) =>
    typed
      .slice(0, MOST_LOOKS)
      .flatMap((text, index) =>
        text.trim() === '' ? [] : [look.read(text, at.at(String(index)))],
      ),
};

/** A look at a reference whose value is known. */
export const zeroCheckEntry = entryOf(
  zeroCheckContentSchema,
  {
    reference: oneOf<ReferenceKind>(meterWords.checkedWith(), 'certified-oil', { as: 'choice' }),
    statedNd20: optional(
      number(meterWords.indexAtCOnThe(), {
        unit: 'nD',
        digits: 5,
        placeholder: meterWords.suchAs(),
      }),
    ),
    indexPerC: optional(perDegree),
    dialValues: looks,
    temperatureC: quantity('temperature', meterWords.temperatureOfMeterAndReference()),
    adjusted: yesNo(meterWords.adjustedAfterwards(), {
      names: { no: meterWords.noLeftAsItWas(), yes: meterWords.yesTurnedUntilItRead() },
      hint: meterWords.ifLeftEveryReadingIs(),
    }),
    remark: words(commonWords.remark()),
  },
  {
    unasked: ({ reference }) =>
      reference === 'certified-oil' ? {} : { statedNd20: null, indexPerC: null },
  },
);
export type ZeroCheckForm = FormOf<typeof zeroCheckEntry.fields>;

/** An empty check of a meter; the oil of the last one is at hand. */
export function freshZeroCheck(
  meter: InstrumentContent,
  last: ZeroCheckContent | undefined,
  preferences: Preferences,
): ZeroCheckForm {
  const oil = last?.reference === 'certified-oil' ? last : undefined;
  return zeroCheckEntry.fill(
    {
      reference: meter.reachesWater ? 'water' : 'certified-oil',
      statedNd20: oil?.statedNd20,
      indexPerC: oil?.indexPerC,
      adjusted: false,
    },
    preferences,
  );
}

/** When and by whom, and with which meter. */
export interface ZeroCheckContext {
  readonly preferences: Preferences;
  readonly meter: Pick<InstrumentContent, 'scale' | 'resolution' | 'atc'>;
  readonly takenAt: string;
  /** the check that is corrected */
  readonly former?: ZeroCheckContent;
}

/** The check that the form says, or what is wrong in which field. */
export function readZeroCheckForm(
  form: ZeroCheckForm,
  { preferences, takenAt, former, meter }: ZeroCheckContext,
): Parsed<ZeroCheckContent> {
  const { scale, resolution, atc } = former ?? meter;
  const isOil = form.reference === 'certified-oil';
  /** the field of each look that was typed: empty ones are left out of the record */
  const typed = form.dialValues.flatMap((dialValue, at) => (dialValue.trim() === '' ? [] : [at]));
  return zeroCheckEntry.read(form, preferences, {
    rest: {
      scale,
      resolution,
      atc,
      takenAt: former?.takenAt ?? takenAt,
      who: former?.who ?? preferences.initials,
    },
    check: ({ statedNd20 }, reader) => {
      if (isOil && statedNd20 === null) reader.at('statedNd20').fail(meterWords.typeANumber());
    },
    place: (path) =>
      path.replace(/^dialValues\.(\d+)/, (_, at) => `dialValues.${typed[Number(at)] ?? 0}`),
  });
}
