import { z, type Preferences } from '../../records';
import { codecAt, fieldAt, type Begun, type Fields, type FormOf, type ValuesOf } from './codec';
import { fieldSentence } from './fieldSentence';
import { group } from './groups';
import { Reader, type Parsed } from './reader';

/** What a record holds besides what is typed, and what else must hold. */
export interface ReadMore<Fs extends Fields, Rest> {
  /** what nobody types, and what stands in place of what was typed; may follow from that */
  readonly rest: Rest | ((values: ValuesOf<Fs>, reader: Reader) => Rest);
  /** what no schema of one record can see: `reader.at('count').fail(…)` */
  readonly check?: (values: ValuesOf<Fs>, reader: Reader) => void;
  /** where the form shows what the record holds at another path */
  readonly place?: (path: string, values: ValuesOf<Fs>) => string;
}

/** A form made of fields, filled and read by them. */
export interface Form<Fs extends Fields> {
  readonly fields: Fs;
  /** the form of a record, or of as much of one as is known; the rest stands empty */
  fill(content: Begun<ValuesOf<Fs>>, preferences: Preferences): FormOf<Fs>;
  /** what is typed, with what is wrong left at the reader */
  values(form: FormOf<Fs>, reader: Reader): ValuesOf<Fs>;
}

export function formOf<Fs extends Fields>(fields: Fs): Form<Fs> {
  const all = group(fields);
  return {
    fields,
    fill: (content, preferences) => all.fill(content as ValuesOf<Fs>, preferences),
    values: (form, reader) => all.read(form, reader),
  };
}

/** Which field shows what is wrong at a path of the record, and the fields that there are. */
export interface FieldOf {
  readonly fields?: Fields;
  at(path: string): string;
}

/** The record, once schema and reader agree with it. What is wrong stands at the field that is to show it. */
export function finish<T>(
  reader: Reader,
  schema: z.core.$ZodType<T>,
  candidate: unknown,
  fieldOf: FieldOf = { at: String },
): Parsed<T> {
  const parsed = z.safeParse(schema, candidate);
  if (!parsed.success) {
    for (const { path, message } of parsed.error.issues) {
      const field = fieldOf.at(path.join('.'));
      const codec = fieldOf.fields && codecAt(fieldOf.fields, field);
      reader.at(field).fail(fieldSentence(message, codec, reader.preferences));
    }
  }
  if (parsed.success && Object.keys(reader.errors).length === 0) {
    return { ok: true, content: parsed.data };
  }
  return { ok: false, errors: reader.errors };
}

/** A form whose fields are those of a record, under the names that they have there. */
export interface Entry<T, Fs extends Fields> extends Form<Fs> {
  /** the record that the form says, or what is wrong in which field */
  read(
    form: FormOf<Fs>,
    preferences: Preferences,
    ...more: Exclude<keyof T, keyof Fs> extends never
      ? [Partial<ReadMore<Fs, object>>?]
      : [ReadMore<Fs, Omit<T, keyof Fs>>]
  ): Parsed<T>;
}

type Follows<Fs extends Fields> = (values: ValuesOf<Fs>, reader: Reader) => object;

const follows = <Fs extends Fields>(rest: object | undefined): rest is Follows<Fs> =>
  typeof rest === 'function';

interface EntryOptions<Fs extends Fields> {
  /** values of fields that are not asked for as the form stands; what is typed in them is not read */
  readonly unasked?: (form: FormOf<Fs>) => Partial<ValuesOf<Fs>>;
}

export function entryOf<T, Fs extends Fields>(
  schema: z.core.$ZodType<T>,
  fields: Fs,
  { unasked }: EntryOptions<Fs> = {},
): Entry<T, Fs> {
  const form = formOf(fields);
  const read = (
    typed: FormOf<Fs>,
    preferences: Preferences,
    more?: Partial<ReadMore<Fs, object>>,
  ): Parsed<T> => {
    const reader = new Reader(preferences);
    const set = unasked?.(typed) ?? {};
    const asked = Object.entries(fields).filter(([name]) => !(name in set));
    const said = formOf(Object.fromEntries(asked) as Fields).values(typed, reader);
    const values = { ...said, ...set } as ValuesOf<Fs>;
    more?.check?.(values, reader);
    const place = more?.place ?? String;
    const given = more?.rest;
    const rest = follows(given) ? given(values, reader) : given;
    return finish(
      reader,
      schema,
      { ...values, ...rest },
      { fields, at: (path) => fieldAt(fields, place(path, values)) },
    );
  };
  return { ...form, read };
}
