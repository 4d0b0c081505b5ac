import Papa from 'papaparse';
import { readDecimal } from './decimal';

/**
 * The cells of a pasted table or a CSV file; commas, semicolons and tabs are told apart.
 *
 * @param mostLines - enough for a look at it; all where not said
 */
export function cellsOf(text: string, mostLines = Infinity): string[][] {
  if (text.trim() === '') return [];
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  return data.slice(0, mostLines).map((row) => row.map((cell) => cell.trim()));
}

export const isNumber = (text: string): boolean => readDecimal(text).ok;

/** Whether the first line is a heading: it has no number wherever the line below has one. */
export function looksLikeHeading(cells: readonly (readonly string[])[]): boolean {
  const [first, second] = cells;
  if (!first || !second) return false;
  const numeric = second.flatMap((cell, at) => (isNumber(cell) ? [at] : []));
  return numeric.length > 0 && numeric.every((at) => !isNumber(first[at] ?? ''));
}

/** A table as it can be pasted again: what a person has still to put right. */
export const pastedText = (rows: readonly (readonly string[])[]): string =>
  Papa.unparse(
    rows.map((row) => [...row]),
    { delimiter: '\t', newline: '\n' },
  );
