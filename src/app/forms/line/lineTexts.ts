import type { ExtractionContent } from '../../../records';
import type { Codec } from '../../entry/codec';
import { codec } from '../../entry/codecs';
import { clockText, readClock } from '../../format/clock';
import { lineFormWords } from '../../words/english/lineForm';

type People = ExtractionContent['people'];
type Breaks = ExtractionContent['breaks'];

const partsOf = (text: string): string[] =>
  text
    .split(/[,;\n]/)
    .map((one) => one.trim())
    .filter((one) => one !== '');

/** "Ada, Bo 80 %": a pace stands only where it is another than usual. */
const peopleText = (people: People): string =>
  people
    .map(({ name, speed }, at) => {
      const who = name || String(at + 1);
      return speed === 1 ? who : `${who} ${Math.round(100 * speed)} %`;
    })
    .join(', ');

/** People by name, each with a pace where it is reported. */
export const people: Codec<People, string> = codec(
  {
    as: 'text',
    label: lineFormWords.whoWorks(),
    hint: lineFormWords.namesWithAPaceIf(),
  },
  '',
  peopleText,
  (text, at) => {
    const read = partsOf(text).map((part) => {
      const [, name = '', pace] = /^(.*?)(?:\s+(\d+)\s*%)?$/.exec(part) ?? [];
      return { name: name.trim(), speed: pace === undefined ? 1 : Number(pace) / 100 };
    });
    if (read.length === 0) at.fail(lineFormWords.typeWhoWorksSuchAs());
    return read;
  },
);

/** Breaks by when they begin and how long they last; none where nothing is typed. */
export const breaks: Codec<Breaks, string> = codec(
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
);
