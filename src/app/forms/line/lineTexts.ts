import type { ExtractionContent } from '../../../records';
import type { Codec } from '../../entry/codec';
import { codec, number, percent } from '../../entry/codecs';
import type { Reader } from '../../entry/reader';
import { clockText, readClock } from '../../format/clock';
import { lineFormWords } from '../../words/english/lineForm';

type People = ExtractionContent['people'];
type Breaks = ExtractionContent['breaks'];

const partsOf = (text: string): string[] =>
  text
    .split(/[,;\n]/)
    .map((one) => one.trim())
    .filter((one) => one !== '');

/** "10:00–15:00", "–15:00"; empty for a whole day. */
function hoursText({ fromMin = null, toMin = null }: People[number]): string {
  if (fromMin === null && toMin === null) return '';
  return `${fromMin === null ? '' : clockText(fromMin)}–${toMin === null ? '' : clockText(toMin)}`;
}

/** "Ada, Bo 80 % 10:00–15:00": pace and hours stand only where they are other than usual. */
const peopleText = (people: People): string =>
  people
    .map((person, at) => {
      const pace = person.speed === 1 ? '' : `${Math.round(100 * person.speed)} %`;
      const parts = [person.name || String(at + 1), pace, hoursText(person)];
      return parts.filter((part) => part !== '').join(' ');
    })
    .join(', ');

const HOURS = /\s+(\d[\d:.]*(?:[ap]m)?)?\s*[-–]\s*(\d[\d:.]*(?:[ap]m)?)?$/i;

/** A person as typed: a name, a pace and hours where they are given. */
function personOf(text: string, at: Reader): People[number] {
  const [all = '', from, to] = HOURS.exec(text) ?? [];
  const rest = text.slice(0, text.length - all.length);
  const [, name = '', pace] = /^(.*?)(?:\s+(\d+)\s*%)?$/.exec(rest) ?? [];
  const timeOf = (typed: string | undefined): number | null => {
    const minutes = typed === undefined ? null : readClock(typed);
    if (typed !== undefined && minutes === null)
      at.fail(lineFormWords.isNoTimeOfDay({ typed: text }));
    return minutes;
  };
  const hours = all === '' ? {} : { fromMin: timeOf(from), toMin: timeOf(to) };
  return { name: name.trim(), speed: pace === undefined ? 1 : Number(pace) / 100, ...hours };
}

/** People by name, each with a pace and hours where they are reported. */
export const people: Codec<People, string> = {
  ...codec<People, string>(
    {
      as: 'text',
      label: lineFormWords.whoWorks(),
      hint: lineFormWords.namesWithAPaceIf(),
    },
    '',
    peopleText,
    (text, at) => {
      const read = partsOf(text).map((part) => personOf(part, at));
      if (read.length === 0) at.fail(lineFormWords.typeWhoWorksSuchAs());
      return read;
    },
  ),
  part: percent(lineFormWords.whoWorks()),
};

/** Breaks by when they begin and how long they last; none where nothing is typed. */
export const breaks: Codec<Breaks, string> = {
  ...codec<Breaks, string>(
    { as: 'text', label: lineFormWords.breaks(), hint: lineFormWords.forExampleMinMin() },
    '',
    (value) =>
      value
        .map(({ fromMin, minutes }) => lineFormWords.min({ fromMin: clockText(fromMin), minutes }))
        .join(', '),
    (text, at) =>
      partsOf(text).flatMap((part) => {
        const [, start = '', minutes = ''] = /^(\S+)\s+(\d+)\s*(?:min(?:utes)?)?$/.exec(part) ?? [];
        const fromMin = readClock(start);
        if (fromMin === null) {
          at.fail(lineFormWords.isNotABreakType({ one: part }));
          return [];
        }
        return [{ fromMin, minutes: Number(minutes) }];
      }),
  ),
  part: number(lineFormWords.breaks(), { digits: 0, unit: 'min' }),
};
