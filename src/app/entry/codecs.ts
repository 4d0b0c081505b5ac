import { clockNow } from '../../store/clock';
import { DATED_YEARS } from '../../core';
import type { Preferences } from '../../records';
import { clockText, readClock } from '../format/clock';
import { decimalText } from '../format/decimal';
import { localText, momentOfLocal } from '../format/localMoment';
import { unitOf, type Quantity } from '../format/units';
import type { Choice, Codec, Look } from './codec';
import type { Reader } from './reader';
import { commonWords } from '../words/english/common';
import { formatsWords } from '../words/english/formats';

/** What is said of a field beside its label. */
export type Extras = Omit<Partial<Look>, 'as' | 'label' | 'choices'>;

const text = (label: string, more: Extras = {}): Look => ({ as: 'text', label, ...more });

/** A field of one's own making. */
export const codec = <T, F>(
  look: Look | null,
  empty: F,
  fill: (value: T, preferences: Preferences) => F,
  read: (typed: F, at: Reader) => T,
): Codec<T, F> => ({ look, empty, fill, read });

/** What stands in the form as it stands in the record; drawn by the screen. */
export const asIs = <T>(empty: T): Codec<T, T> =>
  codec(
    null,
    empty,
    (value) => value,
    (typed) => typed,
  );

const unitText = (unit: Look['unit'], preferences: Preferences): string =>
  (typeof unit === 'function' ? unit(preferences) : unit) ?? '';

/** Words as they are typed. */
export const words = (label: string, more: Extras = {}): Codec<string, string> => ({
  ...asIs(''),
  look: text(label, more),
});

/** A number; digits are those after the point when an old value is shown. */
export const number = (
  label: string,
  { digits = 2, ...more }: Extras & { readonly digits?: number } = {},
): Codec<number, string> =>
  codec(
    text(label, { inputMode: digits === 0 ? 'numeric' : 'decimal', ...more }),
    '',
    (value) => decimalText(value, digits),
    (typed, at) => at.decimal(typed, unitText(more.unit, at.preferences)),
  );

/** A share [1] that is typed in percent. */
export const percent = (
  label: string,
  { digits = 0, ...more }: Extras & { readonly digits?: number } = {},
): Codec<number, string> =>
  codec(
    text(label, { inputMode: 'decimal', unit: '%', ...more }),
    '',
    (value) => decimalText(100 * value, digits),
    (typed, at) => at.decimal(typed, '%') / 100,
  );

const unitName =
  (quantity: Quantity) =>
  (preferences: Preferences): string =>
    unitOf(quantity, preferences).name;

/** A quantity in the unit of the core, typed in the keeper's. */
export const quantity = (
  of: Quantity,
  label: string,
  { digits = of === 'temperature' ? 1 : 2, ...more }: Extras & { readonly digits?: number } = {},
): Codec<number, string> =>
  codec(
    text(label, { inputMode: 'decimal', unit: unitName(of), ...more }),
    '',
    (value, preferences) => decimalText(unitOf(of, preferences).fromBase(value), digits),
    (typed, at) => {
      const unit = unitOf(of, at.preferences);
      return unit.toBase(at.decimal(typed, unit.name));
    },
  );

/** A difference between two temperatures: scales with the unit, without its zero. */
export const degreesApart = (label: string, more: Extras = {}): Codec<number, string> =>
  codec(
    text(label, { inputMode: 'decimal', unit: unitName('temperature'), ...more }),
    '',
    (value, preferences) => {
      const unit = unitOf('temperature', preferences);
      return decimalText(unit.fromBase(value) - unit.fromBase(0), 1);
    },
    (typed, at) => {
      const unit = unitOf('temperature', at.preferences);
      return unit.toBase(at.decimal(typed)) - unit.toBase(0);
    },
  );

/** A field that may be left empty: null in the record. */
export const optional = <T>(of: Codec<T, string>): Codec<T | null, string> => ({
  ...of,
  fill: (value, preferences) => (value === null ? '' : of.fill(value, preferences)),
  read: (typed, at) => (typed.trim() === '' ? null : of.read(typed, at)),
});

/** A field in which nothing typed counts as some value. */
export const orElse = <T>(of: Codec<T, string>, usual: string): Codec<T, string> => ({
  ...of,
  read: (typed, at) => of.read(typed.trim() === '' ? usual : typed, at),
});

/** Further ahead than anything that is planned or keeps [years]. */
const YEARS_AHEAD = 4;

/** Asks about a day whose year cannot be meant, with this year on offer. */
function askYear(typed: string, at: Reader): void {
  const year = Number(/^(\d{4,})-/.exec(typed)?.[1]);
  const thisYear = clockNow().getFullYear();
  if (!(year < DATED_YEARS[0] || year > thisYear + YEARS_AHEAD)) return;
  const text = typed.replace(/^\d+/, String(thisYear));
  at.fail(formatsWords.isTheYearRight({ year: String(year) }), {
    label: formatsWords.useThisYear({ year: String(thisYear) }),
    patch: { [at.path]: text },
  });
}

/** A day of the calendar. */
export const day = (label: string, more: Extras = {}): Codec<string, string> =>
  codec(
    text(label, { type: 'date', ...more }),
    '',
    (value) => value,
    (typed, at) => {
      askYear(typed, at);
      return typed;
    },
  );

/** A moment: UTC in the record, local time in the form. */
export const moment = (label: string, more: Extras = {}): Codec<string, string> =>
  codec(text(label, { type: 'datetime-local', ...more }), '', localText, (typed, at) => {
    const read = momentOfLocal(typed);
    askYear(typed, at);
    if (read === null) at.fail(formatsWords.chooseADayAndA());
    return read ?? '';
  });

/** A time of day, in minutes after midnight. */
export const clock = (label: string, more: Extras = {}): Codec<number, string> =>
  codec(text(label, more), '', clockText, (typed, at) => {
    const minutes = readClock(typed);
    if (minutes === null) at.fail(formatsWords.typeATimeSuchAs());
    return minutes ?? NaN;
  });

/** Choices out of names by value. */
export const choicesOf = (names: Readonly<Record<string, string>>): Choice[] =>
  Object.entries(names).map(([value, label]) => ({ value, label }));

type Names<T extends string> = Readonly<Record<T, string>>;
type LookOfChoice = { readonly as?: 'choice' | 'select'; readonly hint?: Look['hint'] };

/** One of a few; the first is chosen where nothing else is said. */
export function choice<T extends string>(
  label: string,
  names: Names<T>,
  { as = 'choice', hint }: LookOfChoice = {},
): Codec<T, T> {
  const choices = choicesOf(names);
  const look: Look = { as, label, choices, ...(hint === undefined ? {} : { hint }) };
  return { ...asIs(choices[0]?.value as T), look };
}

/** One of a few, or nothing said: null in the record. The first stands for what nobody said. */
export const choiceOrNull = <T extends string>(
  label: string,
  unsaid: string,
  names: Names<T>,
  { hint }: LookOfChoice = {},
): Codec<T | null | undefined, T | ''> =>
  codec<T | null | undefined, T | ''>(
    {
      as: 'choice',
      label,
      choices: choicesOf({ '': unsaid, ...names }),
      ...(hint === undefined ? {} : { hint }),
    },
    '',
    (value) => value ?? '',
    (typed) => (typed === '' ? null : typed),
  );

/** One of a few that the screen names, or of what the records hold. */
export const oneOf = <T extends string = string>(
  label: string,
  usual: NoInfer<T>,
  { as = 'select', hint }: LookOfChoice = {},
): Codec<T, T> => ({
  ...asIs(usual),
  look: { as, label, ...(hint === undefined ? {} : { hint }) },
});

/** Any number of a few, or of the records that the screen offers. */
export const several = <T extends string = string>(
  label: string,
  names: Partial<Names<T>> = {},
): Codec<T[], T[]> =>
  codec<T[], T[]>(
    { as: 'checks', label, choices: choicesOf(names as Readonly<Record<string, string>>) },
    [],
    (value) => [...value],
    (typed) => typed,
  );

export type YesNo = 'yes' | 'no';

const YES_NO: Names<YesNo> = { yes: commonWords.yes(), no: commonWords.no() };

/** Yes or no, both in sight. */
export const yesNo = (
  label: string,
  { names = YES_NO, ...more }: LookOfChoice & { readonly names?: Names<YesNo> } = {},
): Codec<boolean, YesNo> => ({
  ...choice(label, names, more),
  fill: (value) => (value ? 'yes' : 'no'),
  read: (typed) => typed === 'yes',
});
