import { LAYOUT_FACTOR, honeyDepthMm, type HoneyPart, type StandingTask } from '../../core';
import { BOX_TARE_KG, type Preferences } from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type FieldErrors, type Parsed } from './parsed';

/** What stands: combs in a shed, a pail or strainer, or honey spread out to dry. */
export const STANDING_KINDS = ['combs', 'pail', 'tray'] as const;
export type StandingKind = (typeof STANDING_KINDS)[number];

/** The fields of standing honey as they are typed. */
export interface StandingForm {
  mass: string;
  moisture: string;
  openShare: string;
  cappedMoisture: string;
  /** of the surface [dm²] */
  area: string;
  stir: string;
  airTemperature: string;
  humidity: string;
  honeyTemperature: string;
  hours: string;
}

/** Everything that the course of standing honey follows from. */
export interface Standing extends StandingTask {
  /** of honey in a pail or on trays [mm]; null for combs */
  readonly depthMm: number | null;
}

/** What differs from kind to kind. @source common practice, no source */
const USUAL: Readonly<
  Record<StandingKind, { kg: number; area: string; hours: string; stir: string }>
> = {
  combs: { kg: 60, area: '10', hours: '12', stir: '0' },
  pail: { kg: 15, area: '6', hours: '12', stir: '0' },
  tray: { kg: 10, area: '60', hours: '48', stir: '4' },
};

/** A form for one kind: a damp night for what waits, a dry room for what is to dry. */
export function freshStanding(kind: StandingKind, preferences: Preferences): StandingForm {
  const degrees = (celsius: number): string =>
    decimalText(unitOf('temperature', preferences).fromBase(celsius), 1);
  const { kg, area, hours, stir } = USUAL[kind];
  const dry = kind === 'tray';
  return {
    mass: decimalText(unitOf('mass', preferences).fromBase(kg), 1),
    moisture: dry ? '19.5' : '18',
    openShare: '33',
    cappedMoisture: '17.5',
    area,
    stir,
    airTemperature: degrees(dry ? 28 : 17),
    humidity: dry ? '35' : '80',
    honeyTemperature: degrees(dry ? 25 : 20),
    hours,
  };
}

const MOISTURE = 'Honey has 12 to 30 % water.';

/** Fails a field whose number is out of its range. */
function within(
  reader: FormReader,
  field: string,
  value: number,
  [low, high, sentence]: readonly [number, number, string],
): number {
  if (!Number.isNaN(value) && !(value >= low && value <= high)) reader.fail(field, sentence);
  return value;
}

function combParts(form: StandingForm, massKg: number, reader: FormReader): HoneyPart[] {
  const open = reader.number('openShare', form.openShare) / 100;
  within(reader, 'openShare', open, [0, 1, 'Open honey is 0 to 100 %.']);
  const moisture = reader.number('moisture', form.moisture);
  const capped = reader.number('cappedMoisture', form.cappedMoisture);
  within(reader, 'moisture', moisture, [12, 30, MOISTURE]);
  within(reader, 'cappedMoisture', capped, [12, 30, MOISTURE]);
  const parts: HoneyPart[] = [
    { surface: 'open', massKg: massKg * open, moisturePercent: moisture },
    { surface: 'capped', massKg: massKg * (1 - open), moisturePercent: capped },
  ];
  return parts.filter((one) => one.massKg > 0.001 * massKg);
}

function layerPart(form: StandingForm, massKg: number, reader: FormReader): HoneyPart[] {
  const moisturePercent = reader.number('moisture', form.moisture);
  within(reader, 'moisture', moisturePercent, [12, 30, MOISTURE]);
  const area = reader.number('area', form.area);
  within(reader, 'area', area, [0.5, 5000, 'The surface has 0.5 to 5,000 dm².']);
  if (Object.keys(reader.errors).length > 0) return [];
  const depthMm = honeyDepthMm(massKg, area, moisturePercent);
  if (!(depthMm >= 0.5 && depthMm <= 500)) {
    const deep = depthMm > 500 ? 'deeper than half a metre' : 'thinner than half a millimetre';
    reader.fail('area', `So the honey would stand ${deep}; check mass and surface.`);
  }
  return [{ surface: 'open', massKg, moisturePercent, depthMm }];
}

/** What the form says, or what is wrong in which field. */
export function readStandingForm(
  kind: StandingKind,
  form: StandingForm,
  preferences: Preferences,
): Parsed<Standing> {
  const reader = new FormReader(preferences);
  const massKg = reader.quantity('mass', form.mass, 'mass');
  within(reader, 'mass', massKg, [0.1, 5000, 'Type 0.1 to 5,000 kg of honey.']);
  const combs = kind === 'combs';
  const parts = combs ? combParts(form, massKg, reader) : layerPart(form, massKg, reader);
  const degrees = (field: 'airTemperature' | 'honeyTemperature'): number =>
    within(reader, field, reader.quantity(field, form[field], 'temperature'), [
      -5,
      55,
      'Air and honey have −5 to 55 °C here; above 40 warmth itself does harm.',
    ]);
  const humidity = reader.number('humidity', form.humidity);
  within(reader, 'humidity', humidity, [0, 100, 'Humidity lies between 0 and 100 %.']);
  const hours = reader.number('hours', form.hours);
  within(reader, 'hours', hours, [0.5, 720, 'Look half an hour to 720 hours ahead.']);
  const stir = kind === 'tray' ? reader.number('stir', form.stir) : 0;
  const tooOften = stir > 0 && stir < 0.25;
  within(reader, 'stir', tooOften ? -1 : stir, [
    0,
    720,
    'Stirred every 0.25 hours and more; 0: never.',
  ]);
  const air = { temperatureC: degrees('airTemperature'), relativeHumidity: humidity / 100 };
  const honeyC = degrees('honeyTemperature');
  const errors: FieldErrors = reader.errors;
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  return {
    ok: true,
    content: {
      parts,
      air,
      honeyC,
      airFactor: combs ? LAYOUT_FACTOR.crossed : kind === 'pail' ? LAYOUT_FACTOR.tight : 1,
      tareKg: combs ? (BOX_TARE_KG * massKg) / 15 : 1,
      hours,
      stirredEveryHours: stir,
      depthMm: combs ? null : (parts[0]?.depthMm ?? null),
    },
  };
}
