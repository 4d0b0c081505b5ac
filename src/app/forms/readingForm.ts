import {
  PRISM_RANGE_C,
  celsiusFromFahrenheit,
  recogniseScale,
  type SampleState,
  type Scale,
  type Spot,
  type ZeroCheck,
} from '../../core';
import {
  readingContentSchema,
  vesselIdOf,
  vesselRefOf,
  type Meters,
  type Preferences,
  type ReadingContent,
} from '../../records';
import { decimalText, readDecimal } from '../format/decimal';
import { SCALE_NAMES } from '../format/moisture';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** Whether a meter corrects temperature itself, as it is chosen; nothing is chosen for anybody. */
export type AtcChoice = '' | 'no' | 'yes' | 'unknown';

export const atcOf = (choice: AtcChoice): boolean | null =>
  choice === 'yes' ? true : choice === 'no' ? false : null;

export const atcChoice = (atc: boolean | null): AtcChoice =>
  atc === null ? 'unknown' : atc ? 'yes' : 'no';

/** A look at the dial as it is typed. */
export interface ReadingForm {
  /** `container#item`, or empty for the lot as a whole */
  vessel: string;
  spot: Spot;
  /** a meter of one's own, or empty for another */
  instrument: string;
  scale: Scale;
  dial: string;
  temperature: string;
  honeyTemperature: string;
  sample: SampleState;
  /** empty: nothing chosen, which counts as not known */
  atc: AtcChoice;
  resolution: string;
  zeroCheck: ZeroCheck;
  remark: string;
}

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

/** Usual division of the dial of each scale. @source common practice, no source */
export const USUAL_DIVISION: Readonly<Record<Scale, string>> = {
  water: '0.2',
  brix: '0.2',
  nD: '0.0005',
};

export const FRESH_READING: ReadingForm = {
  vessel: '',
  // Never preselected: what is not said carries its doubt.
  spot: 'not-said',
  instrument: '',
  scale: 'water',
  dial: '',
  temperature: '',
  honeyTemperature: '',
  sample: 'clear',
  atc: '',
  resolution: USUAL_DIVISION.water,
  zeroCheck: 'unchecked',
  remark: '',
};

/** A form filled from a reading. */
export function readingFormOf(content: ReadingContent, preferences: Preferences): ReadingForm {
  const unit = unitOf('temperature', preferences);
  const degrees = (celsius: number | null): string =>
    celsius === null ? '' : decimalText(unit.fromBase(celsius), 1);
  const { scale, dialValue, atc, resolution, zeroCheck, remark, spot, sample } = content;
  return {
    vessel: vesselIdOf(content) ?? '',
    spot,
    instrument: content.instrumentId ?? '',
    scale,
    dial: decimalText(dialValue, 4),
    temperature: degrees(content.temperatureC),
    honeyTemperature: degrees(content.honeyTemperatureC),
    sample,
    atc: atcChoice(atc),
    resolution: decimalText(resolution, 5),
    zeroCheck,
    remark,
  };
}

/** The next reading with the same meter: everything but the dial stays. */
export function nextReadingForm(content: ReadingContent, preferences: Preferences): ReadingForm {
  const next = readingFormOf(content, preferences);
  return { ...next, dial: '', honeyTemperature: '', remark: '' };
}

function checkDial(reader: FormReader, form: ReadingForm, scale: Scale, value: number): void {
  const looksLike = recogniseScale(value);
  if (Number.isNaN(value) || looksLike === scale) return;
  if (looksLike === 'index-of-water') {
    reader.fail(
      'dial',
      `An index of ${value} is that of water: wipe prism and lid dry, put honey on it and read again.`,
    );
  } else if (looksLike !== 'unknown') {
    const name = SCALE_NAMES[looksLike];
    const sentence = `${value} looks like ${name}, not ${SCALE_NAMES[scale]}.`;
    if (form.instrument !== '') {
      reader.fail('dial', `${sentence} Choose the meter that shows ${name}.`);
      return;
    }
    reader.fail('dial', sentence, {
      label: `Switch to ${name}`,
      patch: { scale: looksLike, resolution: USUAL_DIVISION[looksLike] },
    });
  }
}

function checkTemperature(reader: FormReader, text: string, temperatureC: number): void {
  const [low, high] = PRISM_RANGE_C;
  if (Number.isNaN(temperatureC) || (temperatureC >= low && temperatureC <= high)) return;
  const { preferences } = reader;
  const unit = unitOf('temperature', preferences);
  const range = `${Math.round(unit.fromBase(low))} and ${Math.round(unit.fromBase(high))} ${unit.name}`;
  const sentence = `A reading can be corrected between ${range}; let meter and honey come to room temperature.`;
  const typed = readDecimal(text);
  const asF = typed.ok ? celsiusFromFahrenheit(typed.value) : NaN;
  if (preferences.temperatureUnit === 'C' && asF >= low && asF <= high) {
    const celsius = decimalText(asF, 1);
    reader.fail(
      'temperature',
      `${text.trim()} °C is too hot for a reading; was it °F? That is ${celsius} °C.`,
      {
        label: `Use ${celsius} °C`,
        patch: { temperature: celsius },
      },
    );
  }
  reader.fail('temperature', sentence);
}

/** A value that the dial of one's own meter does not have. */
function checkRange(reader: FormReader, form: ReadingForm, meters: Meters, value: number): void {
  const range = meters.get(form.instrument)?.instrument.content.range;
  if (!range || Number.isNaN(value) || (value >= range[0] && value <= range[1])) return;
  reader.fail(
    'dial',
    `The dial of this meter runs from ${range[0]} to ${range[1]}; ${value} is not on it. Look again, or choose the other meter.`,
  );
}

/** What the meter of the form is: one's own as it is kept, or as typed. */
function meterOf(form: ReadingForm, { meters, former }: ReadingContext, reader: FormReader) {
  const own = meters.get(form.instrument)?.instrument.content;
  if (own) {
    const { scale, resolution, atc, atcRangeC } = own;
    return { instrumentId: form.instrument, scale, resolution, atc, atcRangeC };
  }
  return {
    instrumentId: null,
    scale: form.scale,
    resolution: reader.number('resolution', form.resolution),
    atc: atcOf(form.atc),
    atcRangeC: former?.instrumentId === null ? former.atcRangeC : null,
  };
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

const FIELDS: Readonly<Record<string, string>> = {
  dialValue: 'dial',
  temperatureC: 'temperature',
  honeyTemperatureC: 'honeyTemperature',
};

/** The reading that the form says, or what is wrong in which field. */
export function readReadingForm(
  form: ReadingForm,
  context: ReadingContext,
): Parsed<ReadingContent> {
  const reader = new FormReader(context.preferences);
  const degrees = (field: 'temperature' | 'honeyTemperature'): number | null =>
    form[field].trim() === '' ? null : reader.quantity(field, form[field], 'temperature');
  const meter = meterOf(form, context, reader);
  const dialValue = reader.number('dial', form.dial);
  checkDial(reader, form, meter.scale, dialValue);
  checkRange(reader, form, context.meters, dialValue);
  const temperatureC = degrees('temperature');
  if (temperatureC !== null) checkTemperature(reader, form.temperature, temperatureC);
  const candidate = {
    ...meter,
    ...circumstances(context),
    ...vesselRefOf(form.vessel),
    spot: form.spot,
    sample: form.sample,
    dialValue,
    temperatureC,
    honeyTemperatureC: degrees('honeyTemperature'),
    zeroCheck: form.zeroCheck,
    remark: form.remark,
  };
  return reader.finish(readingContentSchema, candidate, (path) => FIELDS[path] ?? path);
}
