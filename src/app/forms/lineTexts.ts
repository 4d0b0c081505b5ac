import type { ExtractionContent } from '../../records';
import { clockText, readClock } from '../format/clock';
import type { FormReader } from './parsed';

type People = ExtractionContent['people'];
type Breaks = ExtractionContent['breaks'];

/** "Ada, Bo 80 %": a pace stands only where it is another than usual. */
export const peopleText = (people: People): string =>
  people
    .map(({ name, speed }, at) => {
      const who = name || String(at + 1);
      return speed === 1 ? who : `${who} ${Math.round(100 * speed)} %`;
    })
    .join(', ');

/** People by name, each with a pace where it is told. */
export function readPeople(reader: FormReader, field: string, text: string): People {
  const parts = text.split(/[,;\n]/).map((one) => one.trim());
  const people = parts
    .filter((one) => one !== '')
    .map((one) => {
      const [, name = '', pace] = /^(.*?)(?:\s+(\d+)\s*%)?$/.exec(one) ?? [];
      return { name: name.trim(), speed: pace === undefined ? 1 : Number(pace) / 100 };
    });
  if (people.length === 0) reader.fail(field, 'Type who works, such as “Ada, Bo 80 %”.');
  return people;
}

/** "12:30 45 min" */
export const breaksText = (breaks: Breaks): string =>
  breaks.map(({ fromMin, minutes }) => `${clockText(fromMin)} ${minutes} min`).join(', ');

/** Breaks by when they begin and how long they last; none where nothing is typed. */
export function readBreaks(reader: FormReader, field: string, text: string): Breaks {
  const parts = text.split(/[,;\n]/).map((one) => one.trim());
  return parts
    .filter((one) => one !== '')
    .flatMap((one) => {
      const [, start = '', minutes = ''] = /^(\S+)\s+(\d+)\s*(?:min(?:utes)?)?$/.exec(one) ?? [];
      const fromMin = readClock(start);
      if (fromMin === null) {
        reader.fail(
          field,
          `Type a time and minutes, such as “12:30 45 min”; “${one}” is not that.`,
        );
        return [];
      }
      return [{ fromMin, minutes: Number(minutes) }];
    });
}

/** A time of day, in minutes after midnight; null where it may be left out and is. */
export function readClockField(reader: FormReader, field: string, text: string): number;
export function readClockField(
  reader: FormReader,
  field: string,
  text: string,
  optional: true,
): number | null;
export function readClockField(
  reader: FormReader,
  field: string,
  text: string,
  optional = false,
): number | null {
  if (optional && text.trim() === '') return null;
  const minutes = readClock(text);
  if (minutes === null) reader.fail(field, 'Type a time such as 9:00.');
  return minutes ?? NaN;
}
