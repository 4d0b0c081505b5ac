import Papa from 'papaparse';
import { inOrder, type AnyRecord } from '../../records';
import { formatsWords } from '../words/english/formats';

/** Contents that make no sense in a cell: their length is given instead. */
const MOST_LETTERS = 2000;

function flat(value: unknown, path: string, into: Record<string, string>): void {
  if (Array.isArray(value) && value.every((item) => typeof item !== 'object' || item === null)) {
    into[path] = value.join('; ');
  } else if (typeof value === 'object' && value !== null) {
    for (const [key, inner] of Object.entries(value)) {
      flat(inner, path === '' ? key : `${path}.${key}`, into);
    }
  } else {
    const isNothing = value === null || value === undefined;
    const text = typeof value === 'string' ? value : isNothing ? '' : JSON.stringify(value);
    into[path] = text.length > MOST_LETTERS ? formatsWords.letters({ text: text.length }) : text;
  }
}

/**
 * Every revision of one kind as a table (CSV, RFC 4180): one row a revision, oldest first, one column a
 * field, named by its path. Numbers have a decimal point, times are UTC, units are those of the record.
 * A cell that a spreadsheet would take for a formula begins with an apostrophe.
 */
export function tableCsv(records: readonly AnyRecord[]): string {
  const rows = inOrder(records).map((record) => {
    const { content, ...envelope } = record;
    const into: Record<string, string> = {};
    flat(envelope, '', into);
    flat(content, '', into);
    return into;
  });
  const columns = [...new Set(rows.flatMap((row) => Object.keys(row)))];
  return Papa.unparse(
    { fields: columns, data: rows.map((row) => columns.map((name) => row[name] ?? '')) },
    { escapeFormulae: true, newline: '\r\n' },
  );
}
