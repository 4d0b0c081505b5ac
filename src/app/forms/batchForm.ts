import { DAY_MS, type Layout } from '../../core';
import {
  batchContentSchema,
  isForgotten,
  type BatchContent,
  type Preferences,
} from '../../records';
import { decimalText } from '../format/decimal';
import { localText } from '../format/localMoment';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** The fields of a batch as they are typed. */
export interface BatchForm {
  name: string;
  /** of the lot whose honey it is; empty for none */
  lotId: string;
  boxes: string;
  honeyPerBox: string;
  openShare: string;
  openMoisture: string;
  cappedMoisture: string;
  plusMinus: string;
  temperature: string;
  layout: Layout;
  inAt: string;
  /** empty while it is in */
  outAt: string;
  target: string;
  remark: string;
}

/** A batch for a new entry: a third open, as many pull it on purpose. @source common practice, no source */
export function freshBatch(now: string, preferences: Preferences): BatchForm {
  return {
    name: '',
    lotId: '',
    boxes: '10',
    honeyPerBox: decimalText(unitOf('mass', preferences).fromBase(15), 1),
    openShare: '33',
    openMoisture: '20',
    cappedMoisture: '17.5',
    plusMinus: '1',
    temperature: '',
    layout: 'crossed',
    inAt: localText(now),
    outAt: '',
    target: '17',
    remark: '',
  };
}

/** A form filled from a batch. */
export function batchFormOf(content: BatchContent, preferences: Preferences): BatchForm {
  const mass = unitOf('mass', preferences);
  const temperature = unitOf('temperature', preferences);
  return {
    name: content.name,
    lotId: content.lotIds[0] ?? '',
    boxes: String(content.boxes),
    honeyPerBox: decimalText(mass.fromBase(content.honeyKgPerBox), 2),
    openShare: decimalText(100 * content.openShare, 0),
    openMoisture: decimalText(content.openPercent, 2),
    cappedMoisture: decimalText(content.cappedPercent, 2),
    plusMinus: decimalText(content.plusMinusPercent, 2),
    temperature:
      content.temperatureC === null
        ? ''
        : decimalText(temperature.fromBase(content.temperatureC), 1),
    layout: content.layout,
    inAt: localText(content.inAt),
    outAt: content.outAt === null ? '' : localText(content.outAt),
    target: decimalText(content.targetPercent, 1),
    remark: content.remark,
  };
}

const FIELDS: Readonly<Record<string, string>> = {
  honeyKgPerBox: 'honeyPerBox',
  openPercent: 'openMoisture',
  cappedPercent: 'cappedMoisture',
  plusMinusPercent: 'plusMinus',
  temperatureC: 'temperature',
  targetPercent: 'target',
};

/** What a batch is read with: the one that is changed, and now. */
export interface BatchContext {
  readonly former: BatchContent | null;
  readonly nowMs: number;
}

/** The batch that the form says, or what is wrong in which field. */
export function readBatchForm(
  form: BatchForm,
  preferences: Preferences,
  { former, nowMs }: BatchContext,
): Parsed<BatchContent> {
  const reader = new FormReader(preferences);
  const temperature = form.temperature.trim();
  const more = former?.lotIds.filter((one) => one !== former.lotIds[0]) ?? [];
  const candidate = {
    name: form.name,
    lotIds: form.lotId === '' ? more : [form.lotId, ...more],
    boxes: reader.number('boxes', form.boxes),
    honeyKgPerBox: reader.quantity('honeyPerBox', form.honeyPerBox, 'mass'),
    openShare: reader.number('openShare', form.openShare) / 100,
    openPercent: reader.number('openMoisture', form.openMoisture),
    cappedPercent: reader.number('cappedMoisture', form.cappedMoisture),
    plusMinusPercent: reader.number('plusMinus', form.plusMinus),
    temperatureC:
      temperature === '' ? null : reader.quantity('temperature', temperature, 'temperature'),
    layout: form.layout,
    inAt: reader.moment('inAt', form.inAt),
    outAt: form.outAt === '' ? null : reader.moment('outAt', form.outAt),
    targetPercent: reader.number('target', form.target),
    remark: form.remark,
  };
  if (candidate.inAt !== '' && isForgotten(candidate, nowMs)) {
    const days = Math.round((nowMs - Date.parse(candidate.inAt)) / DAY_MS);
    reader.fail(
      'inAt',
      `It would have been in for ${days} days: check the year, or type when it went out.`,
    );
  }
  return reader.finish(batchContentSchema, candidate, (path) => FIELDS[path] ?? path);
}
