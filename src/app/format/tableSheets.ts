import Papa from 'papaparse';
import { readingBudget, readingUncertainty } from '../../core';
import { bookOf, meteredReading, type Meters } from '../../model';
import {
  RECORD_KINDS,
  current,
  inOrder,
  type AnyRecord,
  type Preferences,
  type RecordKind,
} from '../../records';
import { fieldCell, fieldColumn } from '../forms/recordFields';
import { titleOfRecord } from '../words/recordNames';
import { formatsWords } from '../words/english/formats';
import { kindsWords } from '../words/english/kinds';

/** A table for a spreadsheet. */
export interface TableSheet {
  readonly name: string;
  readonly csv: string;
}

/** Contents that make no sense in a cell, such as a photograph: their length stands instead. */
const MOST_LETTERS = 2000;

type Row = Record<string, string>;

interface Given {
  readonly preferences: Preferences;
  /** what a record that is named is called, by its identifier */
  readonly titles: ReadonlyMap<string, string>;
  readonly meters: Meters;
}

/** Values of a record by the name of their column, lists of words in one cell. */
function fillRow(row: Row, kind: RecordKind, [path, value]: [string, unknown], given: Given): void {
  const isList = Array.isArray(value) && value.every((item) => typeof item !== 'object');
  if (typeof value === 'object' && value !== null && !isList) {
    for (const [key, inner] of Object.entries(value)) {
      fillRow(row, kind, [path === '' ? key : `${path}.${key}`, inner], given);
    }
    return;
  }
  const { preferences, titles } = given;
  const called = [value].flat().map((item) => titles.get(String(item)));
  const areNames = called.length > 0 && called.every((title) => title !== undefined);
  const text = areNames ? called.join('; ') : fieldCell(kind, path, { value, preferences });
  row[fieldColumn(kind, path, preferences)] =
    text.length > MOST_LETTERS ? formatsWords.letters({ text: text.length }) : text;
}

/** What a dial means once temperature and zero are taken off it. */
function corrected(record: AnyRecord, meters: Meters): Row {
  if (record.kind !== 'reading') return {};
  const { dial, read, condition } = meteredReading(record.content, meters);
  if (read.status !== 'read') return {};
  const { expanded } = readingUncertainty(readingBudget(dial, condition));
  return {
    [formatsWords.waterCorrected()]: read.moisturePercent.toFixed(2),
    [formatsWords.waterPlusMinus()]: expanded.toFixed(2),
  };
}

function rowOf(record: AnyRecord, given: Given): Row {
  const row: Row = {
    [formatsWords.written()]: record.recordedAt,
    [formatsWords.by()]: record.author,
    [formatsWords.belongsTo()]:
      record.ownerId === record.entityId ? '' : (given.titles.get(record.ownerId) ?? ''),
    ...corrected(record, given.meters),
  };
  fillRow(row, record.kind, ['', record.content], given);
  return row;
}

/**
 * All that holds now as tables (CSV, RFC 4180), one for each kind: columns are called as the forms call them,
 * with the keeper's units; what is named is written by its name; readings stand with what they mean.
 */
export function tableSheets(records: readonly AnyRecord[], preferences: Preferences): TableSheet[] {
  const now = current(records);
  const titles = new Map(now.map((record) => [record.entityId, titleOfRecord(record)]));
  const given = { preferences, titles, meters: bookOf(now).meters };
  return RECORD_KINDS.flatMap((kind) => {
    const rows = inOrder(now)
      .filter((record) => record.kind === kind)
      .map((record) => rowOf(record, given));
    if (rows.length === 0) return [];
    const columns = [...new Set(rows.flatMap((row) => Object.keys(row)))];
    const data = rows.map((row) => columns.map((column) => row[column] ?? ''));
    const csv = Papa.unparse({ fields: columns, data }, { escapeFormulae: true, newline: '\r\n' });
    return [{ name: `${kindsWords[kind]()}.csv`, csv }];
  });
}
