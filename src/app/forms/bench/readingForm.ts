import {
  PRISM_RANGE_C,
  celsiusFromFahrenheit,
  recogniseScale,
  type SampleState,
  type Scale,
  type Spot,
  type ZeroCheck,
} from '../../../core';
import { type Meters } from '../../../model';
import {
  readingContentSchema,
  vesselIdOf,
  vesselRefOf,
  type Preferences,
  type ReadingContent,
} from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import {
  choice,
  choicesOf,
  codec,
  number,
  oneOf,
  optional,
  quantity,
  words,
} from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed, Reader } from '../../entry/reader';
import { decimalText, readDecimal } from '../../format/decimal';
import { SCALE_NAMES } from '../../format/moisture';
import { SAMPLE_NAMES, SPOT_NAMES } from '../../words/reading';
import { unitOf } from '../../format/units';
import { vesselField } from '../lots/vesselField';
import { benchWords } from '../../words/english/bench';
import { commonWords } from '../../words/english/common';

/** Whether a meter corrects temperature itself, as it is chosen; nothing is chosen for anybody. */
export type AtcChoice = '' | 'no' | 'yes' | 'unknown';

export const atcOf = (choice: AtcChoice): boolean | null =>
  choice === 'yes' ? true : choice === 'no' ? false : null;

export const atcChoice = (atc: boolean | null): AtcChoice =>
  atc === null ? 'unknown' : atc ? 'yes' : 'no';

/** Never chosen for anybody: a wrong guess costs up to a point. */
export const atcField: Codec<boolean | null, AtcChoice> = codec(
  {
    as: 'choice',
    label: benchWords.doesTheMeterCorrectFor(),
    choices: choicesOf({
      no: commonWords.no(),
      yes: commonWords.yes(),
      unknown: benchWords.dontKnow(),
    }),
  },
  '',
  atcChoice,
  atcOf,
);

/** Usual division of the dial of each scale. @source common practice, no source */
export const USUAL_DIVISION: Readonly<Record<Scale, string>> = {
  water: '0.2',
  brix: '0.2',
  nD: '0.0005',
};

const ZERO_NAMES: Readonly<Record<ZeroCheck, string>> = {
  checked: benchWords.checkedRecently(),
  unchecked: benchWords.notChecked(),
};

const degrees = (label: string, hint?: string) =>
  optional(quantity('temperature', label, hint === undefined ? {} : { hint }));

/** A look at the dial. */
export const readingEntry = entryOf(readingContentSchema, {
  vessel: vesselField,
  spot: choice<Spot>(benchWords.whereInTheContainer(), SPOT_NAMES),
  instrumentId: optional(oneOf(commonWords.meter(), '')),
  scale: choice<Scale>(benchWords.scaleOfTheDial(), SCALE_NAMES),
  dialValue: number(commonWords.theDialShows(), { digits: 4 }),
  temperatureC: degrees(benchWords.temperatureOfMeterAndHoney()),
  honeyTemperatureC: degrees(
    benchWords.honeyIfDifferentFromThe(),
    benchWords.leaveEmptyIfTheSame(),
  ),
  sample: choice<SampleState>(benchWords.theHoneyIs(), SAMPLE_NAMES, { as: 'select' }),
  atc: atcField,
  resolution: number(benchWords.oneDivisionOfTheDial(), { digits: 5 }),
  zeroCheck: choice(benchWords.zeroOfTheMeter(), ZERO_NAMES),
  remark: words(commonWords.remark()),
});
export type ReadingForm = FormOf<typeof readingEntry.fields>;

/** What a form is read with. */
export interface ReadingContext {
  readonly preferences: Preferences;
  readonly meters: Meters;
  /** when it is read */
  readonly takenAt: string;
  /** how it comes in; typed where not said */
  readonly source?: ReadingContent['source'];
  /** of a settled stream */
  readonly settledStandard?: number | null;
  readonly practice?: boolean;
  /** the reading that is corrected; its time, reader and source stay */
  readonly former?: ReadingContent;
}

export const FRESH_READING: ReadingForm = {
  vessel: '',
  // Never preselected: what is not said carries its doubt.
  spot: 'not-said',
  instrumentId: '',
  scale: 'water',
  dialValue: '',
  temperatureC: '',
  honeyTemperatureC: '',
  sample: 'clear',
  atc: '',
  resolution: USUAL_DIVISION.water,
  zeroCheck: 'unchecked',
  remark: '',
};

/** A form filled from a reading. */
export const readingFormOf = (content: ReadingContent, preferences: Preferences): ReadingForm =>
  readingEntry.fill({ ...content, vessel: vesselIdOf(content) ?? '' }, preferences);

/** The next reading with the same meter: everything but the dial stays. */
export function nextReadingForm(content: ReadingContent, preferences: Preferences): ReadingForm {
  const next = readingFormOf(content, preferences);
  return { ...next, dialValue: '', honeyTemperatureC: '', remark: '' };
}

function checkDial(dial: Reader, form: ReadingForm, scale: Scale, value: number): void {
  const looksLike = recogniseScale(value);
  if (Number.isNaN(value) || looksLike === scale) return;
  if (looksLike === 'index-of-water') {
    dial.fail(benchWords.anIndexOfIsThat({ value }));
  } else if (looksLike !== 'unknown') {
    const name = SCALE_NAMES[looksLike];
    const sentence = benchWords.looksLikeNot({ value, name, scale: SCALE_NAMES[scale] });
    if (form.instrumentId !== '') {
      dial.fail(benchWords.chooseTheMeterThatShows({ sentence, name }));
      return;
    }
    dial.fail(sentence, {
      label: benchWords.switchTo({ name }),
      patch: { scale: looksLike, resolution: USUAL_DIVISION[looksLike] },
    });
  }
}

function checkTemperature(field: Reader, text: string, temperatureC: number): void {
  const [low, high] = PRISM_RANGE_C;
  if (Number.isNaN(temperatureC) || (temperatureC >= low && temperatureC <= high)) return;
  const { preferences } = field;
  const unit = unitOf('temperature', preferences);
  const range = benchWords.and({
    low: Math.round(unit.fromBase(low)),
    high: Math.round(unit.fromBase(high)),
    name: unit.name,
  });
  const sentence = benchWords.aReadingCanBeCorrected({ range });
  const typed = readDecimal(text);
  const asF = typed.ok ? celsiusFromFahrenheit(typed.value) : NaN;
  if (preferences.temperatureUnit === 'C' && asF >= low && asF <= high) {
    const celsius = decimalText(asF, 1);
    field.fail(benchWords.cIsTooHotFor({ text: text.trim(), celsius }), {
      label: benchWords.useC({ celsius }),
      patch: { temperatureC: celsius },
    });
  }
  field.fail(sentence);
}

/** A value that the dial of one's own meter does not have. */
function checkRange(dial: Reader, form: ReadingForm, meters: Meters, value: number): void {
  const range = meters.get(form.instrumentId)?.instrument.content.range;
  if (!range || Number.isNaN(value) || (value >= range[0] && value <= range[1])) return;
  dial.fail(benchWords.theDialOfThisMeter({ range: range[0], range2: range[1], value }));
}

/** What the meter of the form is: one's own as it is kept, or as typed. */
function meterOf(form: ReadingForm, { meters, former }: ReadingContext) {
  const own = meters.get(form.instrumentId)?.instrument.content;
  if (own) {
    const { scale, resolution, atc, atcRangeC } = own;
    return { own: { instrumentId: form.instrumentId, scale, resolution, atc }, atcRangeC };
  }
  const atcRangeC = former?.instrumentId === null ? former.atcRangeC : null;
  return { own: { instrumentId: null }, atcRangeC };
}

/** Who read it, when and how: of this moment, or of the reading that is corrected. */
function circumstances(context: ReadingContext) {
  const { former, preferences, takenAt, source = 'typed' } = context;
  if (former) {
    const { takenAt: then, reader, source: same, settledStandard, practice } = former;
    return { takenAt: then, reader, source: same, settledStandard, practice };
  }
  const { settledStandard = null, practice = false } = context;
  return { takenAt, reader: preferences.initials, source, settledStandard, practice };
}

/** The reading that the form says, or what is wrong in which field. */
export function readReadingForm(
  form: ReadingForm,
  context: ReadingContext,
): Parsed<ReadingContent> {
  const { own, atcRangeC } = meterOf(form, context);
  const known = { ...form, ...('scale' in own ? { resolution: String(own.resolution) } : {}) };
  return readingEntry.read(known, context.preferences, {
    rest: ({ vessel }) => ({
      ...vesselRefOf(vessel),
      ...circumstances(context),
      ...own,
      atcRangeC,
    }),
    check: ({ scale, dialValue, temperatureC }, reader) => {
      const dial = reader.at('dialValue');
      checkDial(dial, form, 'scale' in own ? own.scale : scale, dialValue);
      checkRange(dial, form, context.meters, dialValue);
      if (temperatureC === null) return;
      checkTemperature(reader.at('temperatureC'), form.temperatureC, temperatureC);
    },
  });
}
