import type { HTMLAttributes } from 'react';
import type { Preferences } from '../../records';
import type { Reader } from './reader';

/** A choice and what it is called. */
export interface Choice {
  readonly value: string;
  readonly label: string;
}

/** How a field is called and drawn, wherever it stands. */
export interface Look {
  readonly as: 'text' | 'choice' | 'select' | 'checks';
  readonly label: string;
  /** made anew where it depends on the units */
  readonly hint?: string | (() => string);
  readonly type?: 'text' | 'date' | 'datetime-local';
  readonly inputMode?: HTMLAttributes<HTMLInputElement>['inputMode'];
  readonly placeholder?: string;
  readonly unit?: string | ((preferences: Preferences) => string);
  readonly suggestions?: readonly string[];
  readonly choices?: readonly Choice[];
}

/**
 * One field of a record as it stands in a form: what is typed for a value, the value that was typed,
 * and how the field is called and drawn. Limits are none of its business: those are the schema's.
 *
 * @typeParam T - value in the record, in the units of the core
 * @typeParam F - what stands in the form
 */
export interface Codec<T, F> {
  /** null: the screen draws it itself */
  readonly look: Look | null;
  /** while nothing was typed and nothing is usual */
  readonly empty: F;
  fill(value: T, preferences: Preferences): F;
  read(typed: F, at: Reader): T;
  /** fields inside this one, by name */
  readonly fields?: Fields;
  /** field of each line of a list */
  readonly line?: AnyCodec;
  /** how a number inside it is typed and its limits written, where it holds more than one number */
  readonly part?: AnyCodec;
}

/** Any codec, where only its place in a form matters. */
export interface AnyCodec {
  readonly look: Look | null;
  readonly empty: unknown;
  fill(value: never, preferences: Preferences): unknown;
  read(typed: never, at: Reader): unknown;
  readonly fields?: Fields;
  readonly line?: AnyCodec;
  readonly part?: AnyCodec;
}

/** Fields by the name that they have in the record. */
export type Fields = Readonly<Record<string, AnyCodec>>;

export type ValueOf<C> = C extends { read(typed: never, at: Reader): infer T } ? T : never;
export type TypedOf<C> = C extends { readonly empty: infer F } ? F : never;

/** What a group of fields holds in the record. */
export type ValuesOf<Fs extends Fields> = { -readonly [K in keyof Fs]: ValueOf<Fs[K]> };

/** What stands in the form for a group of fields. */
export type FormOf<Fs extends Fields> = { -readonly [K in keyof Fs]: TypedOf<Fs[K]> };

/** A value of which some parts are not known yet: their fields stand empty. */
export type Begun<T> = T extends string | number | boolean | null | readonly unknown[]
  ? T
  : { readonly [K in keyof T]?: Begun<T[K]> | undefined };

/** The codec at a path such as `machine.ratedLPerDay` or `looks.3`; undefined where none stands. */
export function codecAt(fields: Fields, path: string): AnyCodec | undefined {
  const [first = '', ...rest] = path.split('.');
  let codec: AnyCodec | undefined = fields[first];
  for (const step of rest) codec = codec?.line ?? codec?.fields?.[step];
  return codec;
}

/** The field that is to show what is wrong at a path of the record: it, one above, or the first within. */
export function fieldAt(fields: Fields, path: string): string {
  const steps = path.split('.');
  const shown: string[] = [];
  let inside: Fields | undefined = fields;
  let line: AnyCodec | undefined;
  for (const step of steps) {
    const codec: AnyCodec | undefined = line ?? inside?.[step];
    if (!codec) break;
    shown.push(step);
    ({ fields: inside, line } = codec);
  }
  if (shown.length === 0) return path;
  while (inside || line) {
    const [name = '0'] = inside ? Object.keys(inside) : ['0'];
    const codec: AnyCodec | undefined = line ?? inside?.[name];
    shown.push(name);
    ({ fields: inside, line } = codec ?? {});
  }
  return shown.join('.');
}
