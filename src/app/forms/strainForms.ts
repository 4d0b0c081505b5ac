import type { MassStage } from '../../core';
import {
  heatSpellContentSchema,
  settlingContentSchema,
  weighingContentSchema,
  type HeatOccasion,
  type HeatSpellContent,
  type Preferences,
  type SettlingContent,
  type WeighingContent,
} from '../../records';
import { decimalText } from '../format/decimal';
import { localText } from '../format/localMoment';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** The fields of a vessel that stands to clear, as they are typed. */
export interface SettlingForm {
  name: string;
  height: string;
  diameter: string;
  start: string;
  room: string;
  moisture: string;
  /** empty: not strained */
  mesh: string;
  filledAt: string;
  /** empty while it stands */
  endedAt: string;
  remark: string;
}

/** A pail of 12.5 kg, strained fine, in a cool room. @source common practice, no source */
export function freshSettling(
  now: string,
  moisturePercent: number,
): Omit<SettlingContent, 'skims'> {
  return {
    name: '',
    heightCm: 25,
    diameterCm: 27,
    startC: 25,
    roomC: 22,
    moisturePercent,
    strainedUm: 200,
    filledAt: now,
    endedAt: null,
    remark: '',
  };
}

export function settlingFormOf(
  content: Omit<SettlingContent, 'skims'>,
  preferences: Preferences,
): SettlingForm {
  const degrees = (celsius: number): string =>
    decimalText(unitOf('temperature', preferences).fromBase(celsius), 1);
  const length = (cm: number): string => decimalText(unitOf('length', preferences).fromBase(cm), 1);
  return {
    name: content.name,
    height: length(content.heightCm),
    diameter: length(content.diameterCm),
    start: degrees(content.startC),
    room: degrees(content.roomC),
    moisture: decimalText(content.moisturePercent, 1),
    mesh: content.strainedUm === null ? '' : decimalText(content.strainedUm, 0),
    filledAt: localText(content.filledAt),
    endedAt: content.endedAt === null ? '' : localText(content.endedAt),
    remark: content.remark,
  };
}

const SETTLING_FIELDS: Readonly<Record<string, string>> = {
  heightCm: 'height',
  diameterCm: 'diameter',
  startC: 'start',
  roomC: 'room',
  moisturePercent: 'moisture',
  strainedUm: 'mesh',
};

/** The vessel that the form says, or what is wrong in which field. */
export function readSettlingForm(
  form: SettlingForm,
  preferences: Preferences,
  former: SettlingContent | null = null,
): Parsed<SettlingContent> {
  const reader = new FormReader(preferences);
  const candidate = {
    name: form.name,
    heightCm: reader.quantity('height', form.height, 'length'),
    diameterCm: reader.quantity('diameter', form.diameter, 'length'),
    startC: reader.quantity('start', form.start, 'temperature'),
    roomC: reader.quantity('room', form.room, 'temperature'),
    moisturePercent: reader.number('moisture', form.moisture),
    strainedUm: reader.optionalNumber('mesh', form.mesh),
    filledAt: reader.moment('filledAt', form.filledAt),
    skims: former?.skims ?? [],
    endedAt: form.endedAt === '' ? null : reader.moment('endedAt', form.endedAt),
    remark: form.remark,
  };
  return reader.finish(settlingContentSchema, candidate, (path) => SETTLING_FIELDS[path] ?? path);
}

/** The fields of a spell of warmth as they are typed. */
export interface HeatForm {
  occasion: HeatOccasion;
  startedAt: string;
  days: string;
  temperature: string;
  remark: string;
}

export function heatFormOf(
  content: HeatSpellContent | null,
  now: string,
  preferences: Preferences,
): HeatForm {
  const unit = unitOf('temperature', preferences);
  const spell = content?.spells[0] ?? { days: 1, temperatureC: 40 };
  return {
    occasion: content?.occasion ?? 'warming',
    startedAt: localText(content?.startedAt ?? now),
    days: decimalText(spell.days, 3),
    temperature: decimalText(unit.fromBase(spell.temperatureC), 1),
    remark: content?.remark ?? '',
  };
}

/** A spell of one temperature that the form says, or what is wrong in which field. */
export function readHeatForm(form: HeatForm, preferences: Preferences): Parsed<HeatSpellContent> {
  const reader = new FormReader(preferences);
  const candidate = {
    occasion: form.occasion,
    source: 'typed',
    startedAt: reader.moment('startedAt', form.startedAt),
    spells: [
      {
        days: reader.number('days', form.days),
        temperatureC: reader.quantity('temperature', form.temperature, 'temperature'),
      },
    ],
    remark: form.remark,
  };
  const fields: Readonly<Record<string, string>> = {
    'spells.0.days': 'days',
    'spells.0.temperatureC': 'temperature',
  };
  return reader.finish(heatSpellContentSchema, candidate, (path) => fields[path] ?? path);
}

/** The fields of a weighing as they are typed. */
export interface WeighingForm {
  stage: Exclude<MassStage, 'in-containers'>;
  mass: string;
  plusMinus: string;
  weighedAt: string;
  remark: string;
}

export function weighingFormOf(
  content: WeighingContent | null,
  now: string,
  preferences: Preferences,
): WeighingForm {
  const unit = unitOf('mass', preferences);
  return {
    stage: content?.stage ?? 'in-wet-combs',
    mass: content ? decimalText(unit.fromBase(content.massKg), 2) : '',
    plusMinus: decimalText(unit.fromBase(content?.plusMinusKg ?? 0.1), 2),
    weighedAt: localText(content?.weighedAt ?? now),
    remark: content?.remark ?? '',
  };
}

/** The weighing that the form says, or what is wrong in which field. */
export function readWeighingForm(
  form: WeighingForm,
  preferences: Preferences,
): Parsed<WeighingContent> {
  const reader = new FormReader(preferences);
  const candidate = {
    stage: form.stage,
    massKg: reader.quantity('mass', form.mass, 'mass'),
    plusMinusKg: reader.plusMinus('plusMinus', form.plusMinus, 'mass'),
    weighedAt: reader.moment('weighedAt', form.weighedAt),
    remark: form.remark,
  };
  const fields: Readonly<Record<string, string>> = { massKg: 'mass', plusMinusKg: 'plusMinus' };
  return reader.finish(weighingContentSchema, candidate, (path) => fields[path] ?? path);
}
