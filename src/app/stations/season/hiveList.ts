import {
  DEFAULT_PREFERENCES,
  colonyContentSchema,
  type ColonyContent,
  type Preferences,
} from '../../../records';
import type { FormOf } from '../../entry/codec';
import type { Parsed } from '../../entry/reader';
import { fieldSentence } from '../../entry/fieldSentence';
import { MOST_BOXES, hiveListEntry } from '../../forms/hives/manyHivesForm';
import { cellsOf, isNumber, looksLikeHeading, pastedText } from '../../format/cells';
import { cellOf, columnsByHeading, type Columns } from '../../format/columns';
import { guessDateOrder, readLogTime, type DateOrder } from '../../format/logTimes';
import { commonWords } from '../../words/english/common';
import { seasonWords } from '../../words/english/season';
import type { NewHive } from './hiveActs';

/** What a list of hives may say. */
type Column = 'yard' | 'hive' | 'boxes' | 'since';

/** Words by which a heading tells what its column holds. */
const HEADINGS: Readonly<Record<Column, RegExp>> = {
  since: /since|date|put on|day/i,
  boxes: /box/i,
  yard: /yard|place|site|stand|where/i,
  hive: /hive|colony|name|^no\.?$|^#$/i,
};

/** Lines that are read at one go; the others stay in the field, to be read after them. */
export const MOST_LINES = 1000;

/** A line of the list that cannot be kept, and what to do about it. */
interface BadLine {
  /** counted from 1 with the heading */
  readonly line: number;
  readonly cells: readonly string[];
  readonly sentence: string;
}

/** A pasted list of hives as it was read. */
export interface HiveList {
  readonly hives: readonly NewHive[];
  readonly bad: readonly BadLine[];
  /** lines that are read once these are kept */
  readonly waiting: number;
  /** what stays in the field then: the heading, the bad lines, and those that waited */
  readonly left: string;
}

/** Where no heading names them. */
const inOrder = (): Columns<Column> => ({ yard: '0', hive: '1', boxes: '2', since: '3' });

/** A list without any number has a heading where its first line names the hive and the yard. */
function columnsOf(cells: readonly (readonly string[])[]): Columns<Column> | null {
  const named = columnsByHeading(cells[0] ?? [], HEADINGS);
  const isNamed = named.hive !== '' && named.yard !== '';
  return looksLikeHeading(cells) || isNamed ? named : null;
}

/** A number alone is the hive of that number. */
const nameOf = (cell: string): string => (isNumber(cell) ? `${commonWords.hive()} ${cell}` : cell);

function dayOf(cell: string, order: DateOrder): string | null {
  const time = readLogTime(cell, order);
  return time && new Date(time.ms).toISOString().slice(0, 10);
}

/** One line: a hive, or the sentence that says what to do. */
function readLine(cell: (column: Column) => string, order: DateOrder): NewHive | string {
  const [hive, boxes, since] = [cell('hive'), cell('boxes'), cell('since')];
  const count = boxes === '' ? 0 : Number(boxes);
  const onDay = since === '' ? null : dayOf(since, order);
  if (cell('yard') === '') return seasonWords.lineHasNoYard();
  if (hive === '') return seasonWords.lineHasNoHive();
  if (!Number.isInteger(count) || count < 0 || count > MOST_BOXES)
    return seasonWords.isNoNumberOfBoxes({ boxes, most: MOST_BOXES });
  if (since !== '' && onDay === null) return seasonWords.isNoDayOfTheCalendar({ since });
  const line = { yard: cell('yard'), name: nameOf(hive), boxes: count, onDay };
  return tooLong(line.yard, line.name) ?? line;
}

/** What the schema says of the first name that it does not take; null where it takes all. */
function tooLong(...names: readonly string[]): string | null {
  for (const name of names) {
    const read = colonyContentSchema.shape.name.safeParse(name);
    const [issue] = read.error?.issues ?? [];
    if (issue)
      return seasonWords.nameSays({
        name,
        sentence: fieldSentence(issue.message, undefined, DEFAULT_PREFERENCES),
      });
  }
  return null;
}

const keyOf = ({ yard, name }: NewHive): string => `${yard}|${name}`.toLowerCase();

/**
 * Reads a list of hives out of a spreadsheet: yard, hive, boxes, on the hive since. Where a yard is left out,
 * it is that of the line above, as spreadsheets are often filled in.
 */
export function readHiveList(text: string): HiveList {
  const cells = cellsOf(text);
  const columns = columnsOf(cells);
  const heading = columns ? cells.slice(0, 1) : [];
  const at = columns ?? inOrder();
  const rows = withYards(cells.slice(heading.length), at);
  const [now, waiting] = [rows.slice(0, MOST_LINES), rows.slice(MOST_LINES)];
  const order = guessDateOrder(now.map((row) => cellOf(row, at, 'since')).filter(Boolean));
  const hives = new Map<string, NewHive>();
  const bad: BadLine[] = [];
  now.forEach((row, index) => {
    const read = readLine((column) => cellOf(row, at, column), order);
    const wrong = (sentence: string): number =>
      bad.push({ line: index + 1 + heading.length, cells: row, sentence });
    if (typeof read === 'string') wrong(read);
    else if (hives.has(keyOf(read)))
      wrong(seasonWords.standsTwice({ name: read.name, yard: read.yard }));
    else hives.set(keyOf(read), read);
  });
  const rest = [...bad.map((line) => line.cells), ...waiting];
  const left = rest.length === 0 ? '' : pastedText([...heading, ...rest]);
  return { hives: [...hives.values()], bad, waiting: waiting.length, left };
}

/** Lines with the yard of the line above where their own is left out. */
function withYards(rows: readonly (readonly string[])[], at: Columns<Column>): string[][] {
  let yard = '';
  return rows.map((row) => {
    yard = cellOf(row, at, 'yard') || yard;
    return row.map((cell, column) => (String(column) === at.yard ? yard : cell));
  });
}

type ListForm = FormOf<typeof hiveListEntry.fields>;

/** The hives that the form says, or what is wrong in which field. */
export function readHiveListForm(
  form: ListForm,
  preferences: Preferences,
): Parsed<HiveList & { readonly health: ColonyContent['health'] }> {
  const list = readHiveList(form.list);
  const read = hiveListEntry.read(form, preferences, {
    check: (_typed, reader) => {
      if (list.hives.length === 0) reader.at('list').fail(seasonWords.noHiveInTheList());
    },
  });
  return read.ok ? { ok: true, content: { ...list, health: read.content.health } } : read;
}
