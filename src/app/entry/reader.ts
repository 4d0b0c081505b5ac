import type { Preferences } from '../../records';
import { readDecimal } from '../format/decimal';

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

/** Stands at one field of a form while it is read; what is wrong is collected for the form as a whole. */
export class Reader {
  constructor(
    readonly preferences: Preferences,
    /** of the field, such as `outside.meanC`; empty for the form */
    readonly path = '',
    readonly errors: Record<string, FieldError> = {},
  ) {}

  /** The same reader at a field further in. */
  at(name: string): Reader {
    const path = this.path === '' ? name : `${this.path}.${name}`;
    return new Reader(this.preferences, path, this.errors);
  }

  /** The first thing found wrong with a field is the one that is said. */
  fail(sentence: string, fix?: Fix): void {
    this.errors[this.path] ??= fix ? { sentence, fix } : { sentence };
  }

  /** A number that must be there; NaN where it is not, with the sentence kept. */
  decimal(text: string): number {
    const typed = readDecimal(text);
    if (typed.ok) return typed.value;
    this.fail(typed.sentence);
    return NaN;
  }
}
