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
import { noteEntry } from './hives/seasonNoteForm';
import { schoolEntry } from './hives/schoolForm';
import { surveyForm } from './hives/surveyForm';
import { yardEntry } from './hives/yardForm';
import { dayEntry } from './line/extractionForm';
import { frameWeighingEntry, pourEntry, toolEntry } from './line/lineForms';
import { heatEntry, settlingEntry, weighingEntry } from './line/strainForms';
import { circumstancesEntry, pieceEntry } from './lots/circumstancesForm';
import { combEntry } from './lots/combForm';
import { containerEntry } from './lots/containerForm';
import { lotEntry } from './lots/lotForm';
import { signForm } from './lots/signForms';
import { airNowEntry } from './room/airNowForm';
import { batchCheckEntry } from './room/batchCheckForm';
import { batchEntry } from './room/batchForm';
import { roomEntry } from './room/warmRoomForm';
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
  instrument: meterEntry.fields,
  'jar-move': jarMoveEntry.fields,
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

/** A value as its form shows it: in the keeper's unit, a choice by its name, a day as days are written. */
export function fieldText(
  kind: RecordKind,
  path: string,
  { value, preferences }: { readonly value: unknown; readonly preferences: Preferences },
): string {
  if (value === null || value === undefined || value === '') return '';
  if (typeof value === 'string' && MOMENT.test(value)) return formatMoment(value);
  if (typeof value === 'string' && DAY.test(value)) return formatDay(value);
  const codec = codecAt(FIELDS[kind] ?? {}, path);
  if (!codec?.look || typeof value === 'object') return plainText(value);
  const { choices, unit } = codec.look;
  const typed = codec.fill(value as never, preferences);
  const text = typeof typed === 'string' ? typed : plainText(value);
  const chosen = choices?.find((choice) => choice.value === text);
  if (chosen) return chosen.label;
  const unitText = typeof unit === 'function' ? unit(preferences) : unit;
  return unitText ? `${text} ${unitText}` : text;
}

const plainText = (value: unknown): string =>
  typeof value === 'string' ? value : JSON.stringify(value);
