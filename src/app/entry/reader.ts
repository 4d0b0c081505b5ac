import type { Preferences } from '../../records';
import { readWithUnit } from '../format/typedUnits';

/** Something that would make a field right, offered as a button. */
export interface Fix {
  readonly label: string;
  /** new texts by field */
  readonly patch: Readonly<Record<string, string>>;
}

/** One sentence beside a field, with what would make it right; several where only the user knows. */
export interface FieldError {
  readonly sentence: string;
  readonly fixes?: readonly Fix[];
}

export type FieldErrors = Readonly<Record<string, FieldError>>;

/** What a form says, or what is wrong in which field. */
export type Parsed<T> =
  | { readonly ok: true; readonly content: T }
  | { readonly ok: false; readonly errors: FieldErrors };

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
  fail(sentence: string, ...fixes: readonly Fix[]): void {
    this.errors[this.path] ??= fixes.length > 0 ? { sentence, fixes } : { sentence };
  }

  /** A number that must be there, in the unit of its field; NaN where it is not, with the sentence kept. */
  decimal(text: string, unit = ''): number {
    const typed = readWithUnit(text, unit, this.preferences);
    if (typed.ok) return typed.value;
    const fixes = (typed.meant ?? []).map((label) => ({ label, patch: { [this.path]: label } }));
    this.fail(typed.sentence, ...fixes);
    return NaN;
  }
}
