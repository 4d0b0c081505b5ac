import {
  PRISM_RANGE_C,
  celsiusFromFahrenheit,
  recogniseScale,
  type Scale,
  type ZeroCheck,
} from '../../core';
import { readingContentSchema, type Preferences, type ReadingContent } from '../../records';
import { decimalText, readDecimal } from '../format/decimal';
import { SCALE_NAMES } from '../format/moisture';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** A look at the dial as it is typed. */
export interface ReadingForm {
  /** `container#item`, or empty for the lot as a whole */
  vessel: string;
  scale: Scale;
  dial: string;
  temperature: string;
  atc: 'yes' | 'no';
  resolution: string;
  zeroCheck: ZeroCheck;
  remark: string;
}

/** Usual division of the dial of each scale. @source common practice, no source */
export const USUAL_DIVISION: Readonly<Record<Scale, string>> = {
  water: '0.2',
  brix: '0.2',
  nD: '0.0005',
};

export const FRESH_READING: ReadingForm = {
  vessel: '',
  scale: 'water',
  dial: '',
  temperature: '',
  atc: 'no',
  resolution: USUAL_DIVISION.water,
  zeroCheck: 'unchecked',
  remark: '',
};

function vesselText({ containerId, item }: ReadingContent): string {
  return containerId === null ? '' : `${containerId}#${item ?? 1}`;
}

/** A form filled from a reading. */
export function readingFormOf(content: ReadingContent, preferences: Preferences): ReadingForm {
  const unit = unitOf('temperature', preferences);
  const { scale, dialValue, temperatureC, atc, resolution, zeroCheck, remark } = content;
  return {
    vessel: vesselText(content),
    scale,
    dial: decimalText(dialValue, 4),
    temperature: temperatureC === null ? '' : decimalText(unit.fromBase(temperatureC), 1),
    atc: atc ? 'yes' : 'no',
    resolution: decimalText(resolution, 5),
    zeroCheck,
    remark,
  };
}

/** The next reading with the same meter: everything but the dial stays. */
export function nextReadingForm(content: ReadingContent, preferences: Preferences): ReadingForm {
  return { ...readingFormOf(content, preferences), dial: '', remark: '' };
}

function checkDial(reader: FormReader, scale: Scale, value: number): void {
  const looksLike = recogniseScale(value);
  if (Number.isNaN(value) || looksLike === scale) return;
  if (looksLike === 'index-of-water') {
    reader.fail(
      'dial',
      `An index of ${value} is that of water: wipe prism and lid dry, put honey on it and read again.`,
    );
  } else if (looksLike !== 'unknown') {
    const name = SCALE_NAMES[looksLike];
    reader.fail('dial', `${value} looks like ${name}, not ${SCALE_NAMES[scale]}.`, {
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

/** The reading that the form says, or what is wrong in which field. */
export function readReadingForm(
  form: ReadingForm,
  preferences: Preferences,
): Parsed<ReadingContent> {
  const reader = new FormReader(preferences);
  const dialValue = reader.number('dial', form.dial);
  checkDial(reader, form.scale, dialValue);
  const temperatureC =
    form.temperature.trim() === ''
      ? null
      : reader.quantity('temperature', form.temperature, 'temperature');
  if (temperatureC !== null) checkTemperature(reader, form.temperature, temperatureC);
  const resolution = reader.number('resolution', form.resolution);
  const [containerId = '', item] = form.vessel.split('#');
  return reader.finish(
    readingContentSchema,
    {
      containerId: containerId === '' ? null : containerId,
      item: item === undefined ? null : Number(item),
      scale: form.scale,
      dialValue,
      temperatureC,
      atc: form.atc === 'yes',
      resolution,
      zeroCheck: form.zeroCheck,
      remark: form.remark,
    },
    (path) => ({ dialValue: 'dial', temperatureC: 'temperature' })[path] ?? path,
  );
}
