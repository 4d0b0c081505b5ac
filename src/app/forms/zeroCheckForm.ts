import type { ReferenceKind } from '../../core';
import {
  MOST_LOOKS,
  zeroCheckContentSchema,
  type InstrumentContent,
  type Preferences,
  type ZeroCheckContent,
} from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** The fields of a zero check as they are typed. */
export interface ZeroCheckForm {
  reference: ReferenceKind;
  stated: string;
  /** fall per °C in units of the fifth decimal, such as 37; empty for the usual one */
  perDegree: string;
  /** what the dial showed, one or more looks */
  looks: string[];
  temperature: string;
  adjusted: 'yes' | 'no';
  remark: string;
}

/** Labels tell the coefficient as a small number; here in units of 0.00001 per °C. */
const PER_DEGREE_UNIT = 1e-5;

/** An empty check of a meter; the oil of the last one is at hand. */
export function freshZeroCheck(
  meter: InstrumentContent,
  last: ZeroCheckContent | undefined,
): ZeroCheckForm {
  const oil = last?.reference === 'certified-oil' ? last : undefined;
  return {
    reference: meter.reachesWater ? 'water' : 'certified-oil',
    stated: oil?.statedNd20 ? decimalText(oil.statedNd20, 5) : '',
    perDegree: oil?.indexPerC ? decimalText(oil.indexPerC / PER_DEGREE_UNIT, 1) : '',
    looks: ['', '', ''],
    temperature: '',
    adjusted: 'no',
    remark: '',
  };
}

/** A form filled from a check. */
export function zeroCheckFormOf(check: ZeroCheckContent, preferences: Preferences): ZeroCheckForm {
  const { reference, statedNd20, indexPerC, dialValues, adjusted, remark } = check;
  const unit = unitOf('temperature', preferences);
  const looks = dialValues.map((one) => decimalText(one, 5));
  return {
    reference,
    stated: statedNd20 === null ? '' : decimalText(statedNd20, 5),
    perDegree: indexPerC === null ? '' : decimalText(indexPerC / PER_DEGREE_UNIT, 1),
    looks: [...looks, '', ''].slice(0, Math.max(3, looks.length)),
    temperature: decimalText(unit.fromBase(check.temperatureC), 1),
    adjusted: adjusted ? 'yes' : 'no',
    remark,
  };
}

/** When and by whom, and with which meter. */
export interface ZeroCheckContext {
  readonly preferences: Preferences;
  readonly meter: Pick<InstrumentContent, 'scale' | 'resolution' | 'atc'>;
  readonly takenAt: string;
  /** the check that is corrected */
  readonly former?: ZeroCheckContent;
}

function fieldOf(path: string): string {
  const look = /^dialValues\.(\d+)/.exec(path);
  if (look) return `looks.${look[1] ?? '0'}`;
  const names: Readonly<Record<string, string>> = {
    dialValues: 'looks.0',
    statedNd20: 'stated',
    indexPerC: 'perDegree',
    temperatureC: 'temperature',
  };
  return names[path] ?? path;
}

/** The check that the form says, or what is wrong in which field. */
export function readZeroCheckForm(
  form: ZeroCheckForm,
  context: ZeroCheckContext,
): Parsed<ZeroCheckContent> {
  const { preferences, takenAt, former } = context;
  const reader = new FormReader(preferences);
  const isOil = form.reference === 'certified-oil';
  const perDegree = isOil ? reader.optionalNumber('perDegree', form.perDegree) : null;
  const looks = form.looks.slice(0, MOST_LOOKS).flatMap((text, at) => {
    return text.trim() === '' ? [] : [reader.number(`looks.${at}`, text)];
  });
  const { scale, resolution, atc } = former ?? context.meter;
  const candidate = {
    reference: form.reference,
    statedNd20: isOil ? reader.number('stated', form.stated) : null,
    indexPerC: perDegree === null ? null : perDegree * PER_DEGREE_UNIT,
    scale,
    resolution,
    atc,
    dialValues: looks,
    temperatureC: reader.quantity('temperature', form.temperature, 'temperature'),
    adjusted: form.adjusted === 'yes',
    takenAt: former?.takenAt ?? takenAt,
    who: former?.who ?? preferences.initials,
    remark: form.remark,
  };
  return reader.finish(zeroCheckContentSchema, candidate, fieldOf);
}
