import type { GetICUArgs } from '@schummar/icu-type-parser';
import { IntlMessageFormat } from 'intl-messageformat';
import { inKeepersUnits } from './keepersUnits';
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

/** Digits of a number that nobody rounded, those before the point always. */
const MOST_DIGITS = 4;

/** A number as a person would write it: no message tells 1.4689999999999999. */
export function rounded(value: number): number {
  const before = Math.abs(value) < 1 ? 0 : Math.floor(Math.log10(Math.abs(value))) + 1;
  return Number.isFinite(value)
    ? Number(value.toPrecision(Math.min(100, Math.max(MOST_DIGITS, before))))
    : value;
}

type Given = Record<string, string | number>;

const roundedValues = (values: Given = {}): Given =>
  Object.fromEntries(
    Object.entries(values).map(([name, value]) => [
      name,
      typeof value === 'number' ? rounded(value) : value,
    ]),
  );

/** Whether a text has to be parsed at all. */
const MARKED = /[{}'#]/;

/** Makes the sentence of one text in the language in force. */
function sayer(id: string, english: string): (values?: Given) => string {
  const translated = language?.messages[id];
  const text = translated ?? english;
  if (!MARKED.test(text)) return () => inKeepersUnits(text);
  const locale = translated === undefined ? 'en' : language?.locale;
  let format: IntlMessageFormat | null = null;
  let formatted = '';
  return (values) => {
    const inUnits = inKeepersUnits(text);
    if (format === null || formatted !== inUnits) {
      format = new IntlMessageFormat(inUnits, locale, undefined, { ignoreTag: true });
      formatted = inUnits;
    }
    return String(format.format(roundedValues(values)));
  };
}

/**
 * The messages of one subject, by name, in English: `room.dryIn({ days: 3 })`.
 *
 * A text is an ICU message: `{name}`, `{count, plural, one {# frame} other {# frames}}`. Another language
 * replaces texts by their id, subject and name joined with a point. A fixed quantity in brackets,
 * `[27 °C]`, is reported in the keeper's unit.
 */
export const messages = <const T extends Readonly<Record<string, string>>>(
  subject: string,
  texts: T,
): { readonly [K in keyof T]: Message<T[K]> } =>
  Object.fromEntries(
    Object.entries(texts).map(([name, text]) => [name, sayer(`${subject}.${name}`, text)]),
  ) as { readonly [K in keyof T]: Message<T[K]> };
