import { checkedRecord, type AnyRecord, type Trouble } from '../../records';
import { readDecimal } from '../format/decimal';
import { fieldName } from '../forms/recordFields';
import { pathSteps } from './pathSteps';
import { localText, momentOfLocal } from '../format/localMoment';
import type { FieldError, Parsed } from '../entry/reader';
import { tell } from '../words/tell';

/** How one value of a record is typed. */
export type RepairInput = 'date' | 'datetime-local' | 'number' | 'text';

/** One value that cannot be right. */
export interface RepairField {
  /** steps from the record down to the value */
  readonly path: readonly (string | number)[];
  /** "In the room since" */
  readonly label: string;
  readonly input: RepairInput;
  readonly text: string;
}

/** A form of a record's broken values, by their place in the list of fields. */
export interface RepairForm {
  values: string[];
}

const at = (value: unknown, path: readonly (string | number)[]): unknown =>
  path.reduce<unknown>(
    (inner, step) =>
      typeof inner === 'object' && inner !== null
        ? (inner as Record<string | number, unknown>)[step]
        : undefined,
    value,
  );

function inputOf(value: unknown): RepairInput {
  if (typeof value === 'number') return 'number';
  if (typeof value !== 'string') return 'text';
  if (/^\d{4,}-\d\d-\d\dT/.test(value)) return 'datetime-local';
  return /^\d{4,}-\d\d-\d\d$/.test(value) ? 'date' : 'text';
}

function textOf(value: unknown, input: RepairInput): string {
  if (typeof value === 'number') return String(value);
  if (typeof value !== 'string') return '';
  return input === 'datetime-local' ? localText(value) : value;
}

/** What of a row can be corrected by typing another value, one field a place. */
export function repairFields(row: AnyRecord, troubles: readonly Trouble[]): RepairField[] {
  const byPath = new Map(troubles.map((trouble) => [trouble.path, trouble]));
  return [...byPath.values()].flatMap(({ path }) => {
    const steps = pathSteps(path);
    const value = at(row, steps);
    const isValue = value === null || typeof value === 'string' || typeof value === 'number';
    if (!isValue || steps[0] !== 'content') return [];
    const input = inputOf(value);
    const text = textOf(value, input);
    return [{ path: steps, label: fieldName(row.kind, steps.slice(1).join('.')), input, text }];
  });
}

function typedValue(text: string, input: RepairInput): unknown {
  if (input === 'datetime-local') return momentOfLocal(text);
  if (input !== 'number') return text;
  const typed = readDecimal(text);
  return typed.ok ? typed.value : text;
}

/** The content with the values that were typed, once the whole record keeps to its schema. */
export function readRepair(
  form: RepairForm,
  row: AnyRecord,
  fields: readonly RepairField[],
): Parsed<AnyRecord['content']> {
  const copy = structuredClone(row) as unknown as Record<string | number, unknown>;
  fields.forEach(({ path, input }, index) => {
    const place = at(copy, path.slice(0, -1)) as Record<string | number, unknown>;
    place[path.at(-1) ?? ''] = typedValue(form.values[index] ?? '', input);
  });
  const checked = checkedRecord({ ...copy, reason: null });
  if (checked.ok) return { ok: true, content: checked.record.content };
  const errors: Record<string, FieldError> = {};
  for (const { path, message } of checked.troubles) {
    const index = fields.findIndex((field) => field.path.join('.') === pathSteps(path).join('.'));
    errors[`values.${Math.max(0, index)}`] ??= { sentence: tell(message) };
  }
  return { ok: false, errors };
}
