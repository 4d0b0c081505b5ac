import { isNumber } from './cells';

/** Which column of a table holds what: its number counted from 0, as text; empty where there is none. */
export type Columns<F extends string> = Record<F, string>;

type Rows = readonly (readonly string[])[];

/** Lines that are looked at to find out what a table is like. */
const MOST_LOOKED_AT = 50;

/** How many columns a table has. */
export const columnCount = (rows: Rows): number =>
  Math.max(0, ...rows.slice(0, MOST_LOOKED_AT).map((row) => row.length));

/** The cell of a line that holds something; empty where no column does. */
export function cellOf<F extends string>(
  row: readonly string[],
  columns: Columns<F>,
  field: F,
): string {
  const at = columns[field];
  return at === '' ? '' : (row[Number(at)] ?? '');
}

/** Share of the lines whose cell in a column is as wanted, 0–1. */
export function shareOf(rows: Rows, at: number, fits: (cell: string) => boolean): number {
  const looked = rows.slice(0, MOST_LOOKED_AT);
  return looked.filter((row) => fits(row[at] ?? '')).length / Math.max(1, looked.length);
}

/** Columns that mostly hold numbers. */
export function numericColumns(rows: Rows): number[] {
  const all = Array.from({ length: columnCount(rows) }, (_, at) => at);
  return all.filter((at) => shareOf(rows, at, isNumber) > 0.5);
}

/**
 * Columns by the words of their headings.
 *
 * @param words - in the order in which they are looked for: a column is taken by the first that fits
 */
export function columnsByHeading<F extends string>(
  heading: readonly string[],
  words: Readonly<Record<F, RegExp>>,
): Columns<F> {
  const taken = new Set<number>();
  const found = Object.entries<RegExp>(words).map(([field, word]) => {
    const at = heading.findIndex((cell, index) => !taken.has(index) && word.test(cell));
    if (at >= 0) taken.add(at);
    return [field, at < 0 ? '' : String(at)];
  });
  return Object.fromEntries(found) as Columns<F>;
}
