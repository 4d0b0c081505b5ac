import { clockNow } from '../../store/clock';
import { addDays, addMonths } from 'date-fns';
import type { Message, MessageValue, RuleSource } from '../../core';
import { isoDayOf, localDayOf } from '../../model';
import type { Preferences } from '../../records';
import { inHundred } from '../format/chance';
import { formatDay } from '../format/dates';
import { formatQuantity } from '../format/units';
import { flipsWords } from './english/flips';
import { formatsWords } from './english/formats';
import { judgingWords } from './english/judging';
import { rulesWords } from './english/rules';
import { coloursWords } from './english/colours';
import { errorsWords } from './english/errors';
import { recordsWords } from './english/records';
import { traceWords } from './english/trace';
import { doubtful } from '../format/doubtful';

type Sayer = (values?: Record<string, string | number>) => string;

/** What core and model say, by the subject in front of a key. */
const SUBJECTS: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  colours: coloursWords,
  errors: errorsWords,
  flips: flipsWords,
  judging: judgingWords,
  records: recordsWords,
  rules: rulesWords,
  trace: traceWords,
};

/** The message of the catalogue; a key that is in none is a slip in the core. */
function sayerOf(key: string): Sayer {
  const [subject = '', name = ''] = key.split('.');
  const found = SUBJECTS[subject]?.[name];
  if (typeof found !== 'function') throw new Error(`no words for ${key}`);
  return found as Sayer;
}

/** The day to look again, so many months from now; part of a month as days. */
const lookAgain = (now: Date, months: number): Date =>
  addDays(addMonths(now, Math.floor(months)), Math.round((months % 1) * 30));

/** "A, B and C" */
function joined(all: readonly string[]): string {
  const last = all.at(-1) ?? '';
  return all.length < 2
    ? last
    : formatsWords.listedAnd({ most: all.slice(0, -1).join(', '), last });
}

function tellMessage({ key, values = {} }: Message, preferences?: Preferences): string {
  const entries = Object.entries(values).map(([name, value]): [string, string | number] => {
    if (typeof value === 'number') return [name, value];
    const words = tell(value, preferences);
    const isMessage = typeof value === 'object' && 'key' in value;
    return [name, isMessage ? words.replace(/\.$/, '') : words];
  });
  return sayerOf(key)(Object.fromEntries(entries));
}

/** A quantity in the keeper's unit; what is said where no unit is known holds none. */
function inUnit(
  value: number,
  quantity: 'temperature' | 'mass',
  preferences?: Preferences,
): string {
  if (!preferences) throw new Error(`a ${quantity} needs the keeper's unit`);
  return formatQuantity(value, quantity, preferences, quantity === 'temperature' ? 0 : 1);
}

/** What the core has to say, in words and in the units of the keeper. */
export function tell(value: MessageValue, preferences?: Preferences): string {
  if (typeof value !== 'object') return String(value);
  if ('key' in value) return tellMessage(value, preferences);
  switch (value.as) {
    case 'percent':
      return formatsWords.percentValue({ value: value.value.toFixed(1) });
    case 'with-doubt':
      return formatsWords.withUnit({ figure: doubtful(value.mean, value.expanded), unit: '%' });
    case 'chance':
      return inHundred(value.value);
    case 'share':
      return formatsWords.percentValue({
        value: String(Number((100 * value.value).toFixed(value.digits))),
      });
    case 'temperature':
      return inUnit(value.celsius, 'temperature', preferences);
    case 'mass':
      return inUnit(value.kg, 'mass', preferences);
    case 'day':
      return formatDay(isoDayOf(value.day));
    case 'within':
      return formatsWords.byDay({
        day: formatDay(localDayOf(lookAgain(clockNow(), value.months).getTime())),
      });
    case 'list': {
      const all = value.of.map((messageValue) => tell(messageValue, preferences));
      return value.joined === 'and' ? joined(all) : all.join(', ');
    }
  }
}

const STANDINGS: Readonly<Record<RuleSource['standing'], string>> = {
  recalled: formatsWords.recalledFromMemory(),
  practice: formatsWords.commonPracticeNoSource(),
  choice: formatsWords.ourChoice(),
};

/** A source with its standing, as printed. */
export const sourceWords = ({ name, standing }: RuleSource): string =>
  formatsWords.sourceWithStanding({ name: tell(name), standing: STANDINGS[standing] });

/** How a ruling is signed: as the one who signs has read it. */
export const inWordsOf = (preferences: Preferences) => ({
  tell: (value: MessageValue) => tell(value, preferences),
  source: sourceWords,
});
