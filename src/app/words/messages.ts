import type { GetICUArgs } from '@schummar/icu-type-parser';
import { IntlMessageFormat } from 'intl-messageformat';
import { language } from './language';

/** What goes into a message: names and quantities as words, counts as numbers. */
interface Kinds {
  ICUArgument: string | number;
  ICUNumberArgument: number;
  ICUDateArgument: Date;
}

type Values<T extends string> = GetICUArgs<T, Kinds>;

/** A message of the catalogue; asks for what its text has places for. */
type Message<T extends string> = keyof Values<T> extends never
  ? () => string
  : (values: Values<T>) => string;

/** Whether a text has to be parsed at all. */
const MARKED = /[{}'#]/;

/** Makes the sentence of one text in the language in force. */
function sayer(id: string, english: string): (values?: Record<string, string | number>) => string {
  const translated = language?.messages[id];
  const text = translated ?? english;
  if (!MARKED.test(text)) return () => text;
  let format: IntlMessageFormat | null = null;
  return (values) => {
    const locale = translated === undefined ? 'en' : language?.locale;
    format ??= new IntlMessageFormat(text, locale, undefined, { ignoreTag: true });
    return String(format.format(values));
  };
}

/**
 * The messages of one subject, by name, in English: `room.dryIn({ days: 3 })`.
 *
 * A text is an ICU message: `{name}`, `{count, plural, one {# frame} other {# frames}}`. Another language
 * replaces texts by their id, subject and name joined with a point.
 */
export const messages = <const T extends Readonly<Record<string, string>>>(
  subject: string,
  texts: T,
): { readonly [K in keyof T]: Message<T[K]> } =>
  Object.fromEntries(
    Object.entries(texts).map(([name, text]) => [name, sayer(`${subject}.${name}`, text)]),
  ) as { readonly [K in keyof T]: Message<T[K]> };
