import Papa from 'papaparse';
import type { ColonyContent, Preferences } from '../../../records';
import type { FormOf } from '../../entry/codec';
import type { Parsed } from '../../entry/reader';
import { hiveListEntry } from '../../forms/hives/manyHivesForm';
import { cellsOf, isNumber, looksLikeHeading } from '../../format/cells';
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

/** Most hives of a list, and boxes of a hive. */
const MOST_LINES = 1000;
const MOST_BOXES = 8;

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
  /** what stays to be put right once the good lines are kept: its heading and the bad lines */
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
const nameOf = (cell: string): string =>
  isNumber(cell) ? `${commonWords.hive()} ${cell}` : cell.slice(0, 40);

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
  return { yard: cell('yard').slice(0, 80), name: nameOf(hive), boxes: count, onDay };
}

const keyOf = ({ yard, name }: NewHive): string => `${yard}|${name}`.toLowerCase();

/**
 * Reads a list of hives out of a spreadsheet: yard, hive, boxes, on the hive since. Where a yard is left out,
 * it is that of the line above, as spreadsheets are often filled in.
 */
export function readHiveList(text: string): HiveList {
  const cells = cellsOf(text, MOST_LINES);
  const columns = columnsOf(cells);
  const rows = columns ? cells.slice(1) : cells;
  const at = columns ?? inOrder();
  const order = guessDateOrder(rows.map((row) => cellOf(row, at, 'since')).filter(Boolean));
  const hives = new Map<string, NewHive>();
  const bad: BadLine[] = [];
  let yard = '';
  rows.forEach((row, index) => {
    yard = cellOf(row, at, 'yard') || yard;
    const own = yard;
    const read = readLine((column) => (column === 'yard' ? own : cellOf(row, at, column)), order);
    const wrong = (sentence: string): number =>
      bad.push({ line: index + (columns ? 2 : 1), cells: row, sentence });
    if (typeof read === 'string') wrong(read);
    else if (hives.has(keyOf(read)))
      wrong(seasonWords.standsTwice({ name: read.name, yard: read.yard }));
    else hives.set(keyOf(read), read);
  });
  return { hives: [...hives.values()], bad, left: leftOf(columns ? cells[0] : undefined, bad) };
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

function leftOf(heading: readonly string[] | undefined, bad: readonly BadLine[]): string {
  if (bad.length === 0) return '';
  const rows = bad.map((line) => [...line.cells]);
  return Papa.unparse(heading ? [[...heading], ...rows] : rows, { delimiter: '\t', newline: '\n' });
}
