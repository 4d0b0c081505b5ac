import { DEFAULT_SCHOOL_ID, DEFAULT_TARGET_PERCENT, schoolOf } from '../../core';
import { harvestContentSchema, type HarvestContent, type Preferences } from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** A day at the hives as it is typed. */
export interface HarvestForm {
  name: string;
  day: string;
  schoolId: string;
  timing: HarvestContent['timing'];
  stays: HarvestContent['stays'];
  /** empty: none named */
  flowId: string;
  method: HarvestContent['clearing']['method'];
  agent: string;
  contactHours: string;
  leadDays: string;
  temperature: string;
  humidity: string;
  honeyKind: HarvestContent['honeyKind'];
  ruleSetId: string;
  target: string;
  bucket: string;
  remark: string;
}

/** Honey that an ordinary bucket holds [kg]. @source common practice, no source */
const USUAL_BUCKET_KG = 14;

/** A day with the keeper's usual choices. */
export function freshHarvest(today: string, preferences: Preferences): HarvestForm {
  const school = schoolOf(DEFAULT_SCHOOL_ID);
  return {
    name: '',
    day: today,
    schoolId: school.id,
    timing: school.timing,
    stays: school.stays,
    flowId: '',
    method: 'none',
    agent: '',
    contactHours: '',
    leadDays: '',
    temperature: '',
    humidity: '',
    honeyKind: 'ordinary',
    ruleSetId: preferences.ruleSetId,
    target: decimalText(DEFAULT_TARGET_PERCENT.ordinary),
    bucket: decimalText(unitOf('mass', preferences).fromBase(USUAL_BUCKET_KG), 0),
    remark: '',
  };
}

const textOr = (value: number | null): string => (value === null ? '' : decimalText(value));

export function harvestFormOf(content: HarvestContent, preferences: Preferences): HarvestForm {
  const { clearing, outdoorTemperatureC: celsius, relativeHumidity } = content;
  const { name, day, schoolId, timing, stays, honeyKind, ruleSetId, remark } = content;
  const degrees = unitOf('temperature', preferences);
  return {
    name,
    day,
    schoolId,
    timing,
    stays,
    honeyKind,
    ruleSetId,
    remark,
    flowId: content.flowId ?? '',
    method: clearing.method,
    agent: clearing.agent,
    contactHours: textOr(clearing.contactHours),
    leadDays: textOr(clearing.leadDays),
    temperature: celsius === null ? '' : decimalText(degrees.fromBase(celsius), 1),
    humidity: relativeHumidity === null ? '' : decimalText(relativeHumidity * 100, 0),
    target: decimalText(content.targetPercent),
    bucket: decimalText(unitOf('mass', preferences).fromBase(content.bucketKg), 1),
  };
}

const FIELD_OF: Readonly<Record<string, string>> = {
  'clearing.agent': 'agent',
  'clearing.contactHours': 'contactHours',
  'clearing.leadDays': 'leadDays',
  outdoorTemperatureC: 'temperature',
  relativeHumidity: 'humidity',
  targetPercent: 'target',
  bucketKg: 'bucket',
};

/** The day that the form says, or what is wrong in which field. */
export function readHarvestForm(
  form: HarvestForm,
  preferences: Preferences,
): Parsed<HarvestContent> {
  const reader = new FormReader(preferences);
  const humidity = reader.optionalNumber('humidity', form.humidity);
  const { name, day, schoolId, timing, stays, honeyKind, ruleSetId, remark, method, agent } = form;
  const candidate = {
    name,
    day,
    schoolId,
    timing,
    stays,
    honeyKind,
    ruleSetId,
    remark,
    flowId: form.flowId === '' ? null : form.flowId,
    clearing: {
      method,
      agent,
      contactHours: reader.optionalNumber('contactHours', form.contactHours),
      leadDays: reader.optionalNumber('leadDays', form.leadDays),
    },
    outdoorTemperatureC:
      form.temperature.trim() === ''
        ? null
        : reader.quantity('temperature', form.temperature, 'temperature'),
    relativeHumidity: humidity === null ? null : humidity / 100,
    targetPercent: reader.number('target', form.target),
    bucketKg: reader.quantity('bucket', form.bucket, 'mass'),
  };
  return reader.finish(harvestContentSchema, candidate, (path) => FIELD_OF[path] ?? path);
}
