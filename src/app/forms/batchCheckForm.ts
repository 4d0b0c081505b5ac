import {
  BOX_TARE_KG,
  batchCheckContentSchema,
  type BatchCheckContent,
  type CheckedPart,
  type Preferences,
} from '../../records';
import { decimalText } from '../format/decimal';
import { localText, momentOfLocal } from '../format/localMoment';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** The fields of a check of a batch as they are typed. */
export interface BatchCheckForm {
  by: 'moisture' | 'weight';
  takenAt: string;
  of: CheckedPart;
  percent: string;
  plusMinus: string;
  first: string;
  now: string;
  tare: string;
  scale: string;
  remark: string;
}

/** A check of now. */
export function freshBatchCheck(now: string, preferences: Preferences): BatchCheckForm {
  const mass = unitOf('mass', preferences);
  return {
    by: 'moisture',
    takenAt: localText(now),
    of: 'open',
    percent: '',
    plusMinus: '0.4',
    first: '',
    now: '',
    tare: decimalText(mass.fromBase(BOX_TARE_KG), 1),
    scale: decimalText(mass.fromBase(0.05), 2),
    remark: '',
  };
}

/** A form filled from a check. */
export function batchCheckFormOf(
  content: BatchCheckContent,
  preferences: Preferences,
): BatchCheckForm {
  const { found, takenAt, remark } = content;
  const fresh = { ...freshBatchCheck(takenAt, preferences), by: found.by, remark };
  const kg = (value: number): string => decimalText(unitOf('mass', preferences).fromBase(value), 3);
  if (found.by === 'weight') {
    const { firstKg, nowKg, tareKg, plusMinusKg } = found;
    return {
      ...fresh,
      first: kg(firstKg),
      now: kg(nowKg),
      tare: kg(tareKg),
      scale: kg(plusMinusKg),
    };
  }
  return {
    ...fresh,
    of: found.of,
    percent: decimalText(found.percent, 2),
    plusMinus: decimalText(found.plusMinus, 2),
  };
}

function foundIn(form: BatchCheckForm, reader: FormReader) {
  if (form.by === 'moisture') {
    return {
      by: 'moisture',
      of: form.of,
      percent: reader.number('percent', form.percent),
      plusMinus: reader.number('plusMinus', form.plusMinus),
    };
  }
  return {
    by: 'weight',
    firstKg: reader.quantity('first', form.first, 'mass'),
    nowKg: reader.quantity('now', form.now, 'mass'),
    tareKg: reader.quantity('tare', form.tare, 'mass'),
    plusMinusKg: reader.quantity('scale', form.scale, 'mass'),
  };
}

const FIELDS: Readonly<Record<string, string>> = {
  'found.percent': 'percent',
  'found.plusMinus': 'plusMinus',
  'found.firstKg': 'first',
  'found.nowKg': 'now',
  'found.tareKg': 'tare',
  'found.plusMinusKg': 'scale',
};

/** When the batch came in and went out; a check lies between. */
interface BatchTimes {
  readonly inAt: string;
  readonly outAt: string | null;
}

/** The check that the form says, or what is wrong in which field. */
export function readBatchCheckForm(
  form: BatchCheckForm,
  preferences: Preferences,
  { inAt, outAt }: BatchTimes,
): Parsed<BatchCheckContent> {
  const reader = new FormReader(preferences);
  const takenAt = momentOfLocal(form.takenAt);
  if (takenAt === null) reader.fail('takenAt', 'Choose a day and a time.');
  else if (takenAt <= inAt) reader.fail('takenAt', 'The batch came in later; check the time.');
  else if (outAt !== null && takenAt > outAt) {
    reader.fail('takenAt', 'The batch was out by then; check the time.');
  }
  const candidate = {
    takenAt: takenAt ?? '',
    who: preferences.initials,
    found: foundIn(form, reader),
    remark: form.remark,
  };
  return reader.finish(batchCheckContentSchema, candidate, (path) => FIELDS[path] ?? path);
}
