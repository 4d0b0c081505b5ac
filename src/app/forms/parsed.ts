import type { Preferences, z } from '../../records';
import { readDecimal } from '../format/decimal';
import { momentOfLocal } from '../format/localMoment';
import { unitOf, type Quantity } from '../format/units';

/** Something that would make a field right, offered as a button. */
export interface Fix {
  readonly label: string;
  /** new texts by field */
  readonly patch: Readonly<Record<string, string>>;
}

/** One sentence beside a field, with what would make it right. */
export interface FieldError {
  readonly sentence: string;
  readonly fix?: Fix;
}

export type FieldErrors = Readonly<Record<string, FieldError>>;

/** What a form says, or what is wrong in which field. */
export type Parsed<T> =
  { readonly ok: true; readonly content: T } | { readonly ok: false; readonly errors: FieldErrors };

/** Collects what is wrong while a form is read field by field. */
export class FormReader {
  readonly errors: Record<string, FieldError> = {};

  constructor(readonly preferences: Preferences) {}

  fail(field: string, sentence: string, fix?: Fix): void {
    this.errors[field] ??= fix ? { sentence, fix } : { sentence };
  }

  /** A number that must be there; NaN where it is not, with the sentence kept. */
  number(field: string, text: string): number {
    const typed = readDecimal(text);
    if (typed.ok) return typed.value;
    this.fail(field, typed.sentence);
    return NaN;
  }

  /** A number that may be missing. */
  optionalNumber(field: string, text: string): number | null {
    return text.trim() === '' ? null : this.number(field, text);
  }

  /** A quantity typed in the keeper's unit, in the unit of the core. */
  quantity(field: string, text: string, quantity: Quantity): number {
    return unitOf(quantity, this.preferences).toBase(this.number(field, text));
  }

  /** A difference (±) typed in the keeper's unit; scales like the quantity, without its offset. */
  plusMinus(field: string, text: string, quantity: Exclude<Quantity, 'temperature'>): number {
    return this.quantity(field, text === '' ? '0' : text, quantity);
  }

  /** A time that was typed, in UTC. */
  moment(field: string, text: string): string {
    const moment = momentOfLocal(text);
    if (moment === null) this.fail(field, 'Choose a day and a time.');
    return moment ?? '';
  }

  /** The content, once the schema agrees with it too. `fields` maps paths of the schema to fields. */
  finish<T>(schema: z.ZodType<T>, candidate: unknown, fields: (path: string) => string): Parsed<T> {
    const parsed = schema.safeParse(candidate);
    if (!parsed.success) {
      for (const issue of parsed.error.issues)
        this.fail(fields(issue.path.join('.')), issue.message);
    }
    if (parsed.success && Object.keys(this.errors).length === 0) {
      return { ok: true, content: parsed.data };
    }
    return { ok: false, errors: this.errors };
  }
}
