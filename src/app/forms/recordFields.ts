import type { Preferences, RecordKind } from '../../records';
import { codecAt, type Fields } from '../entry/codec';
import { formatDay, formatMoment } from '../format/dates';
import { fieldNameOf } from '../words/english/fieldNames';
import { meterEntry } from './bench/instrumentForm';
import { colourEntry, labEntry, sensesEntry } from './bench/qualityForms';
import { planEntry } from './bench/planForm';
import { readingEntry } from './bench/readingForm';
import { zeroCheckEntry } from './bench/zeroCheckForm';
import { boxEntry } from './hives/boxForm';
import { colonyEntry } from './hives/colonyForm';
import { flowEntry } from './hives/flowForm';
import { formatEntry } from './hives/formatForm';
import { givenEntry } from './hives/givenForm';
import { guessEntry } from './hives/guessForm';
import { harvestEntry } from './hives/harvestForm';
import { hiveWeightEntry } from './hives/hiveWeightForm';
import { noteEntry } from './hives/seasonNoteForm';
import { schoolEntry } from './hives/schoolForm';
import { surveyForm } from './hives/surveyForm';
import { yardEntry } from './hives/yardForm';
import { dayEntry } from './line/extractionForm';
import { frameWeighingEntry, pourEntry, toolEntry } from './line/lineForms';
import { heatEntry, settlingEntry, weighingEntry } from './line/strainForms';
import { houseLogEntry } from './line/houseLogForm';
import { waxEntry } from './line/waxForm';
import { circumstancesEntry, pieceEntry } from './lots/circumstancesForm';
import { combEntry } from './lots/combForm';
import { containerEntry } from './lots/containerForm';
import { lotEntry } from './lots/lotForm';
import { signForm } from './lots/signForms';
import { airNowEntry } from './room/airNowForm';
import { batchCheckEntry } from './room/batchCheckForm';
import { batchEntry } from './room/batchForm';
import { roomEntry } from './room/warmRoomForm';
import { jarCheckEntry } from './store/jarCheckForm';
import { occasionEntry } from './store/occasionForm';
import { labelEntry } from './store/labelForm';
import { jarMoveEntry, moveEntry, packEntry } from './store/storeForms';
import { ruleSetEntry } from './hives/ruleSetForm';

/** The fields in which a person types what records of a kind hold. */
const FIELDS: Partial<Readonly<Record<RecordKind, Fields>>> = {
  'air-log': airNowEntry.fields,
  batch: batchEntry.fields,
  'batch-check': batchCheckEntry.fields,
  box: boxEntry.fields,
  circumstances: circumstancesEntry.fields,
  colony: colonyEntry.fields,
  colour: colourEntry.fields,
  'comb-judgement': combEntry.fields,
  container: containerEntry.fields,
  extraction: dayEntry.fields,
  flow: flowEntry.fields,
  format: formatEntry.fields,
  'frame-weighing': frameWeighingEntry.fields,
  given: givenEntry.fields,
  guess: guessEntry.fields,
  harvest: harvestEntry.fields,
  'heat-spell': heatEntry.fields,
  'hive-weight': hiveWeightEntry.fields,
  'house-log': houseLogEntry.fields,
  instrument: meterEntry.fields,
  'jar-check': jarCheckEntry.fields,
  'jar-move': jarMoveEntry.fields,
  occasion: occasionEntry.fields,
  'lab-report': labEntry.fields,
  'label-design': labelEntry.fields,
  lot: lotEntry.fields,
  packing: packEntry.fields,
  piece: pieceEntry.fields,
  pour: pourEntry.fields,
  reading: readingEntry.fields,
  'rule-set': ruleSetEntry.fields,
  ruling: signForm.fields,
  'sampling-plan': planEntry.fields,
  school: schoolEntry.fields,
  'season-note': noteEntry.fields,
  senses: sensesEntry.fields,
  settling: settlingEntry.fields,
  'store-move': moveEntry.fields,
  stroke: surveyForm.fields,
  'uncapping-tool': toolEntry.fields,
  'warm-room': roomEntry.fields,
  wax: waxEntry.fields,
  weighing: weighingEntry.fields,
  yard: yardEntry.fields,
  'zero-check': zeroCheckEntry.fields,
};

/** A step of a path that is called nothing: `combSteps` as "Comb steps". */
function plainName(step: string): string {
  const words = step.replaceAll(/([A-Z])/g, ' $1').toLowerCase();
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** What a step of a path is called, with the number of the line that it is on. */
function stepName(fields: Fields, steps: readonly string[], at: number): string {
  const step = steps[at] ?? '';
  const label = codecAt(fields, steps.slice(0, at + 1).join('.'))?.look?.label;
  return label || (fieldNameOf(step) ?? plainName(step));
}

/**
 * What a value of a record is called: as its form calls it, else by a name of its own.
 *
 * @param path - below the content, such as `amount.massKg` or `sides.0.shake`
 */
export function fieldName(kind: RecordKind, path: string): string {
  const fields = FIELDS[kind] ?? {};
  const whole = codecAt(fields, path)?.look?.label;
  if (whole) return whole;
  const steps = path.split('.');
  return steps
    .flatMap((step, at) => {
      if (/^\d+$/.test(step)) return [];
      const line = steps[at + 1];
      const number = line !== undefined && /^\d+$/.test(line) ? ` ${Number(line) + 1}` : '';
      return [stepName(fields, steps, at) + number];
    })
    .join(', ');
}

const DAY = /^\d{4}-\d\d-\d\d$/;
const MOMENT = /^\d{4}-\d\d-\d\dT/;

/** The unit in which the form of a value is typed; empty where it has none. */
function unitOf(kind: RecordKind, path: string, preferences: Preferences): string {
  const unit = codecAt(FIELDS[kind] ?? {}, path)?.look?.unit;
  return (typeof unit === 'function' ? unit(preferences) : unit) ?? '';
}

/** What a column of such values is called: "Honey in each (lb)". */
export function fieldColumn(kind: RecordKind, path: string, preferences: Preferences): string {
  const unit = unitOf(kind, path, preferences);
  const name = fieldName(kind, path);
  return unit === '' ? name : `${name} (${unit})`;
}

interface FieldValue {
  readonly value: unknown;
  readonly preferences: Preferences;
}

/** A value as its form holds it: in the keeper's unit but without its name, a choice by its name. */
export function fieldCell(
  kind: RecordKind,
  path: string,
  { value, preferences }: FieldValue,
): string {
  if (value === null || value === undefined || value === '') return '';
  const look = codecAt(FIELDS[kind] ?? {}, path)?.look;
  const typed = typedValue(kind, path, { value, preferences });
  const label = (text: string): string =>
    look?.choices?.find((choice) => choice.value === text)?.label ?? text;
  if (!Array.isArray(typed)) return label(plainText(typed));
  return typed.map((item) => label(plainText(item))).join('; ');
}

/** What a form would show for a value: the value itself where no form, or no single field, holds it. */
function typedValue(kind: RecordKind, path: string, { value, preferences }: FieldValue): unknown {
  const codec = codecAt(FIELDS[kind] ?? {}, path);
  const isRecord = typeof value === 'object' && !Array.isArray(value);
  if (!codec?.look || isRecord) return value;
  const typed: unknown = codec.fill(value as never, preferences);
  return typeof typed === 'string' || Array.isArray(typed) ? typed : value;
}

/** A value as text: as its form shows it, with its unit, days and moments as they are written. */
export function fieldText(kind: RecordKind, path: string, of: FieldValue): string {
  const { value, preferences } = of;
  if (typeof value === 'string' && MOMENT.test(value)) return formatMoment(value);
  if (typeof value === 'string' && DAY.test(value)) return formatDay(value);
  const text = fieldCell(kind, path, of);
  const unit = unitOf(kind, path, preferences);
  return text === '' || unit === '' ? text : `${text} ${unit}`;
}

const plainText = (value: unknown): string =>
  typeof value === 'string' ? value : JSON.stringify(value);
