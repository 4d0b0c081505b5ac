/**
 * What the core has to say, without the words: a key of the application's catalogue, and the values
 * that its sentence has places for. Units, rounding and language are the application's.
 */

/** A quantity inside a message, in the unit of the core. */
export type Quantity =
  | { readonly as: 'percent'; readonly value: number }
  | { readonly as: 'with-doubt'; readonly mean: number; readonly expanded: number }
  | { readonly as: 'chance'; readonly value: number }
  | { readonly as: 'share'; readonly value: number; readonly digits: number }
  | { readonly as: 'temperature'; readonly celsius: number }
  | { readonly as: 'mass'; readonly kg: number }
  | { readonly as: 'day'; readonly day: number }
  | { readonly as: 'within'; readonly months: number };

/** Several values, to be joined by commas, or with "and" before the last. */
export interface Listed {
  readonly as: 'list';
  readonly of: readonly MessageValue[];
  readonly joined: 'comma' | 'and';
}

/**
 * A name that somebody gave, a count, a quantity, or another message. A message within another loses its
 * full stop; the empty text is nothing to be said in that place.
 */
export type MessageValue = string | number | Quantity | Listed | Message;

export interface Message {
  /** of the catalogue, subject and name joined with a point */
  readonly key: string;
  readonly values?: Readonly<Record<string, MessageValue>>;
}

/** A message of the catalogue. */
export const say = (key: string, values?: Message['values']): Message =>
  values ? { key, values } : { key };

/** Moisture [% by mass], or a difference of moistures [points]. */
export const percent = (value: number): Quantity => ({ as: 'percent', value });

/** A mean moisture with its expanded uncertainty [% by mass]. */
export const withDoubt = (mean: number, expanded: number): Quantity => ({
  as: 'with-doubt',
  mean,
  expanded,
});

/** A probability [1]. */
export const chance = (value: number): Quantity => ({ as: 'chance', value });

/** A share [1], given in hundredths with so many digits behind the point. */
export const hundredths = (value: number, digits = 0): Quantity => ({ as: 'share', value, digits });

/** A temperature [°C]. */
export const temperature = (celsius: number): Quantity => ({ as: 'temperature', celsius });

/** A mass [kg]. */
export const mass = (kg: number): Quantity => ({ as: 'mass', kg });

/** A whole day, counted from 1970-01-01. */
export const onDay = (day: number): Quantity => ({ as: 'day', day });

/** So many months from now. */
export const within = (months: number): Quantity => ({ as: 'within', months });

/** Values joined by commas. */
export const listed = (of: readonly MessageValue[]): Listed => ({
  as: 'list',
  of,
  joined: 'comma',
});

/** Values joined by commas, with "and" before the last. */
export const allOf = (of: readonly MessageValue[]): Listed => ({ as: 'list', of, joined: 'and' });
