import { SPOTS, recogniseScale, type Scale, type Spot, type VesselEvidence } from '../../../core';
import type { ReadingContent } from '../../../records';
import { cellsOf as allCellsOf, looksLikeHeading, pastedText } from '../../format/cells';
import {
  cellOf,
  columnCount,
  columnsByHeading,
  numericColumns,
  shareOf,
} from '../../format/columns';
import { readDecimal } from '../../format/decimal';
import type { ReadingContext } from '../../forms/bench/readingForm';
import {
  NO_COLUMNS,
  PASTE_FIELDS,
  readRow,
  type BulkForm,
  type BulkRow,
  type PasteField,
} from './bulk';
import { benchWords } from '../../words/english/bench';
import { commonWords } from '../../words/english/common';

/** Lines that are read at one go; the others stay in the field, to be read after them. */
export const MOST_LINES = 5000;

/** The cells of a pasted table of readings that are read now. */
export const cellsOf = (text: string): string[][] => allCellsOf(text, MOST_LINES);

/** Lines of a pasted table that wait for their turn. */
export const waitingLines = (text: string): string[][] => allCellsOf(text).slice(MOST_LINES);

/** Words by which a heading tells what its column holds. */
const HEADINGS: Readonly<Record<PasteField, RegExp>> = {
  temperature: /temp|°\s*[cf]|deg/i,
  vessel: /vessel|bucket|container|tub|drum|jar|label|^no\.?$|^nr\.?$|^#$/i,
  dial: /dial|brix|°bx|reading|water|moist|nd\b|index|value/i,
  spot: /spot|where|place|top|bottom/i,
  remark: /remark|note|comment/i,
};

/** Columns by what their cells look like: the dial fits the scale, a temperature stands after it. */
function byContent(rows: readonly (readonly string[])[], scale: Scale): Record<PasteField, string> {
  const columns = Array.from({ length: columnCount(rows) }, (_, at) => at);
  const fitsDial = (cell: string): boolean => {
    const typed = readDecimal(cell);
    return typed.ok && recogniseScale(typed.value) === scale && /[.,]/.test(cell);
  };
  const plainly = columns.find((at) => shareOf(rows, at, fitsDial) > 0.5);
  const numeric = numericColumns(rows);
  const dial = plainly ?? numeric[numeric.length > 2 ? 1 : 0];
  const temperature = numeric.find((at) => dial !== undefined && at > dial);
  const vessel = columns.find((at) => at !== dial && at !== temperature);
  const text = (at: number | undefined): string => (at === undefined ? '' : String(at));
  return { ...NO_COLUMNS, dial: text(dial), temperature: text(temperature), vessel: text(vessel) };
}

/** What each column most likely holds. */
export function guessColumns(
  cells: readonly (readonly string[])[],
  scale: Scale,
): Pick<BulkForm, 'heading' | 'columns'> {
  if (!looksLikeHeading(cells)) return { heading: 'no', columns: byContent(cells, scale) };
  const named = columnsByHeading(cells[0] ?? [], HEADINGS);
  const guessed = byContent(cells.slice(1), scale);
  const columns = named.dial === '' ? { ...named, dial: guessed.dial } : named;
  return { heading: 'yes', columns };
}

/** The vessel that a cell names: by its label, or by its number in the row of vessels. */
function vesselIn(text: string, vessels: readonly VesselEvidence[]): string | null {
  if (text === '') return '';
  const wanted = text.toLowerCase();
  const byLabel = vessels.find((vessel) => vessel.label.toLowerCase() === wanted);
  if (byLabel) return byLabel.id;
  const number = /^\D*(\d+)$/.exec(text)?.[1];
  if (number === undefined || !/^[a-z. #-]*\d+$/i.test(text)) return null;
  return vessels[Number(number) - 1]?.id ?? null;
}

function spotIn(text: string): Spot | '' | null {
  if (text === '') return '';
  return SPOTS.find((spot) => spot === text.toLowerCase()) ?? null;
}

/** A line of a pasted table: a reading, or what is wrong with it. */
export interface PastedLine {
  /** as it stands in the text, counted from 1 with the heading */
  readonly line: number;
  readonly cells: readonly string[];
  readonly row: BulkRow;
  readonly content: ReadingContent | null;
  /** what to do, empty where it is right */
  readonly sentence: string;
}

/** How vessels of a lot are called, for the sentence that one is not among them. */
function vesselRange(vessels: readonly VesselEvidence[]): string {
  const [first, last] = [vessels[0]?.label, vessels[vessels.length - 1]?.label];
  return first === undefined || first === last
    ? (first ?? 'none')
    : benchWords.toFirstLast({ first, last: last ?? '' });
}

interface PasteContext {
  readonly vessels: readonly VesselEvidence[];
  readonly reading: ReadingContext;
}

function readLine(
  form: BulkForm,
  cells: readonly string[],
  line: number,
  { vessels, reading }: PasteContext,
): PastedLine {
  const cell = (field: PasteField): string => cellOf(cells, form.columns, field);
  const vessel = vesselIn(cell('vessel'), vessels);
  const spot = spotIn(cell('spot'));
  const row: BulkRow = {
    vessel: vessel ?? '',
    dial: cell('dial'),
    temperature: cell('temperature'),
    spot: spot ?? '',
    remark: cell('remark'),
  };
  const wrong = (sentence: string): PastedLine => ({ line, cells, row, content: null, sentence });
  if (vessel === null) {
    return wrong(
      benchWords.thereIsNoContainerIn({ cell: cell('vessel'), vesselRange: vesselRange(vessels) }),
    );
  }
  if (spot === null) {
    return wrong(benchWords.isNotAPlaceIn({ cell: cell('spot') }));
  }
  if (row.dial === '') return wrong(benchWords.thereIsNoDialValue());
  const read = readRow(form, row, reading);
  if (read.ok) return { line, cells, row, content: read.content, sentence: '' };
  return wrong(Object.values(read.errors)[0]?.sentence ?? benchWords.thisLineCannotBeRead());
}

/** Every line of the pasted text, read with the columns as they are matched. */
export function readPasted(form: BulkForm, context: PasteContext): PastedLine[] {
  const cells = cellsOf(form.paste);
  const skip = form.heading === 'yes' ? 1 : 0;
  return cells.slice(skip).map((cell, at) => readLine(form, cell, at + 1 + skip, context));
}

/** What is left of the text once the good lines are kept: the heading, the bad ones, and those that waited. */
export function leftOver(form: BulkForm, lines: readonly PastedLine[]): string {
  const bad = lines.filter((line) => line.content === null).map((line) => line.cells);
  const left = [...bad, ...waitingLines(form.paste)];
  if (left.length === 0) return '';
  const heading = form.heading === 'yes' ? cellsOf(form.paste).slice(0, 1) : [];
  return pastedText([...heading, ...left]);
}

export const FIELD_NAMES: Readonly<Record<PasteField, string>> = {
  vessel: benchWords.container(),
  dial: commonWords.theDialShows(),
  temperature: commonWords.temperature(),
  spot: benchWords.whereInTheContainer(),
  remark: commonWords.remark(),
};

export { PASTE_FIELDS };
