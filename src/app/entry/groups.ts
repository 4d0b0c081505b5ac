import type { Preferences } from '../../records';
import type {
  AnyCodec,
  Choice,
  Codec,
  Fields,
  FormOf,
  Look,
  TypedOf,
  ValueOf,
  ValuesOf,
} from './codec';
import { choicesOf, type YesNo } from './codecs';
import type { Reader } from './reader';
import { commonWords } from '../words/english/common';

type Loose = Readonly<Record<string, unknown>>;

const emptyOf = (fields: Fields): Loose =>
  Object.fromEntries(Object.entries(fields).map(([name, one]) => [name, one.empty]));

function fillAll(fields: Fields, values: Loose, preferences: Preferences): Loose {
  const filled = Object.entries(fields).map(([name, one]) => {
    const value = values[name];
    return [name, value === undefined ? one.empty : one.fill(value as never, preferences)];
  });
  return Object.fromEntries(filled) as Loose;
}

function readAll(fields: Fields, typed: Loose, at: Reader): Loose {
  const read = Object.entries(fields).map(([name, one]) => [
    name,
    one.read(typed[name] as never, at.at(name)),
  ]);
  return Object.fromEntries(read) as Loose;
}

/** A group of fields, with the fields it is made of. */
export interface Group<Fs extends Fields> extends Codec<ValuesOf<Fs>, FormOf<Fs>> {
  readonly fields: Fs;
}

/** Several fields that stand in the record under one name. */
export const group = <Fs extends Fields>(fields: Fs): Group<Fs> => ({
  look: null,
  fields,
  empty: emptyOf(fields) as FormOf<Fs>,
  fill: (values, preferences) => fillAll(fields, values, preferences) as FormOf<Fs>,
  read: (typed, at) => readAll(fields, typed, at) as ValuesOf<Fs>,
});

const HAS: readonly Choice[] = choicesOf({ yes: commonWords.yes(), no: commonWords.no() });

/** Whether a group is there, and the group. */
type OptionalForm<Fs extends Fields> = { has: YesNo } & FormOf<Fs>;

/** With the fields it is made of. */
export interface OptionalGroup<Fs extends Fields> extends Codec<
  ValuesOf<Fs> | null,
  OptionalForm<Fs>
> {
  readonly fields: { readonly has: AnyCodec } & Fs;
}

/** A group that may be missing: null in the record. Where it is, its usual values stand ready. */
export function optionalGroup<Fs extends Fields>(
  label: string,
  fields: Fs,
  usual: ValuesOf<Fs> | null = null,
): OptionalGroup<Fs> {
  const look: Look = { as: 'choice', label, choices: HAS };
  const has: AnyCodec = { look, empty: 'no', fill: String, read: String };
  const all = { has, ...fields };
  return {
    look: null,
    fields: all,
    empty: emptyOf(all) as OptionalForm<Fs>,
    fill: (value, preferences) => {
      const has: YesNo = value === null ? 'no' : 'yes';
      const shown = (value ?? usual ?? {}) as Loose;
      return { ...fillAll(fields, shown, preferences), has } as OptionalForm<Fs>;
    },
    read: (typed, at) => (typed.has === 'no' ? null : (readAll(fields, typed, at) as ValuesOf<Fs>)),
  };
}

/** A group that is there once something is typed in it: null in the record where nothing is. */
export function groupIfTyped<Fs extends Fields>(
  fields: Fs,
  isTyped: (typed: FormOf<Fs>) => boolean,
): Codec<ValuesOf<Fs> | null, FormOf<Fs>> & { readonly fields: Fs } {
  const all = group(fields);
  return {
    ...all,
    fill: (value, preferences) => (value === null ? all.empty : all.fill(value, preferences)),
    read: (typed, at) => (isTyped(typed) ? all.read(typed, at) : null),
  };
}

type Cases = Readonly<Record<string, Fields>>;
type Joined<U> = (U extends unknown ? (of: U) => void : never) extends (of: infer I) => void
  ? I
  : never;

/** One of several ways to say something, told apart by a tag. */
type VariantValue<Tag extends string, Cs extends Cases> = {
  [K in keyof Cs]: { [T in Tag]: K } & ValuesOf<Cs[K]>;
}[keyof Cs];

type VariantForm<Tag extends string, Keys, Cs extends Cases> = { [T in Tag]: Keys } & Joined<
  { [K in keyof Cs]: FormOf<Cs[K]> }[keyof Cs]
>;

interface VariantOptions<N extends string> {
  /** what the choice is called, with the names of its cases */
  readonly look?: { readonly label: string; readonly names: Readonly<Record<string, string>> };
  /** case under which nothing is said: null in the record */
  readonly none?: N;
  /** values that stand ready in cases not chosen */
  readonly usual?: Loose;
}

/** One of several groups, told apart by a tag; the fields of all of them stand side by side in the form. */
export function variant<Tag extends string, Cs extends Cases, N extends string = never>(
  tag: Tag,
  cases: Cs,
  { look, none, usual = {} }: VariantOptions<N> = {},
): Codec<
  VariantValue<Tag, Cs> | ([N] extends [never] ? never : null),
  VariantForm<Tag, keyof Cs | N, Cs>
> & { readonly fields: { readonly [T in Tag]: AnyCodec } & Joined<Cs[keyof Cs]> } {
  type Value = VariantValue<Tag, Cs> | ([N] extends [never] ? never : null);
  type Form = VariantForm<Tag, keyof Cs | N, Cs>;
  const first = none ?? Object.keys(cases)[0] ?? '';
  const tagged: AnyCodec = {
    look: look ? { as: 'choice', label: look.label, choices: choicesOf(look.names) } : null,
    empty: first,
    fill: String,
    read: String,
  };
  const inside = Object.assign({}, ...Object.values(cases)) as Fields;
  const fields: Fields = { [tag]: tagged, ...inside };
  return {
    look: null,
    fields: fields as { readonly [T in Tag]: AnyCodec } & Joined<Cs[keyof Cs]>,
    empty: emptyOf(fields) as Form,
    fill: (value, preferences) =>
      fillAll(fields, { ...usual, ...(value as Loose | null) }, preferences) as Form,
    read: (typed, at) => {
      const chosen = (typed as Loose)[tag] as string;
      const own = cases[chosen];
      if (!own) return null as Value;
      return { [tag]: chosen, ...readAll(own, typed, at) } as Value;
    },
  };
}

/** A list of lines of one kind. */
export const list = <C extends AnyCodec>(
  line: C,
): Codec<readonly ValueOf<C>[], TypedOf<C>[]> & { readonly line: C } => ({
  look: null,
  line,
  empty: [],
  fill: (values, preferences) =>
    values.map((value) => line.fill(value as never, preferences) as TypedOf<C>),
  read: (typed, at) =>
    typed.map((item, index) => line.read(item as never, at.at(String(index))) as ValueOf<C>),
});

/** Two values that belong together, such as the ends of a range. */
export const pair = <T>(
  first: Codec<T, string>,
  second: Codec<T, string>,
): Codec<[T, T], [string, string]> & {
  readonly fields: { readonly 0: typeof first; readonly 1: typeof second };
} => ({
  look: null,
  fields: { 0: first, 1: second },
  empty: [first.empty, second.empty],
  fill: ([low, high], preferences) => [
    first.fill(low, preferences),
    second.fill(high, preferences),
  ],
  read: ([low, high], at) => [first.read(low, at.at('0')), second.read(high, at.at('1'))],
});
