import type { SampleState, Scale, Spot, VesselEvidence, ZeroCheck } from '../../../core';
import type { ReadingContent } from '../../../records';
import type { FieldErrors, Parsed } from '../../entry/reader';
import {
  type AtcChoice,
  FRESH_READING,
  readReadingForm,
  type ReadingContext,
} from '../../forms/bench/readingForm';
import { benchWords } from '../../words/english/bench';

/** One row of the table: a vessel with what its dial showed. */
export interface BulkRow {
  vessel: string;
  dial: string;
  /** empty: the one for all */
  temperature: string;
  /** empty: the one for all */
  spot: Spot | '';
  remark: string;
}

/** Columns that a pasted table may have. */
export const PASTE_FIELDS = ['vessel', 'dial', 'temperature', 'spot', 'remark'] as const;
export type PasteField = (typeof PASTE_FIELDS)[number];

/** Many readings as they are typed or pasted. */
export interface BulkForm {
  instrumentId: string;
  scale: Scale;
  atc: AtcChoice;
  resolution: string;
  zeroCheck: ZeroCheck;
  temperature: string;
  spot: Spot;
  sample: SampleState;
  rows: BulkRow[];
  paste: string;
  heading: 'yes' | 'no';
  /** number of the column of each field, counted from 0; empty where there is none */
  columns: Record<PasteField, string>;
}

export const NO_COLUMNS: Record<PasteField, string> = {
  vessel: '',
  dial: '',
  temperature: '',
  spot: '',
  remark: '',
};

/** One row a vessel, those in the plan first. */
export function freshRows(
  vessels: readonly VesselEvidence[],
  planned: readonly string[] = [],
): BulkRow[] {
  const first = new Set(planned);
  const inOrder = [
    ...planned.filter((id) => vessels.some((vessel) => vessel.id === id)),
    ...vessels.map((vessel) => vessel.id).filter((id) => !first.has(id)),
  ];
  const ids = inOrder.length > 0 ? inOrder : [''];
  return ids.map((vessel) => ({ vessel, dial: '', temperature: '', spot: '', remark: '' }));
}

/** A fresh table with a meter. */
export function freshBulk(rows: BulkRow[], instrumentId: string): BulkForm {
  const { scale, atc, resolution, zeroCheck, spot, sample } = FRESH_READING;
  const meter = { instrumentId, scale, atc, resolution, zeroCheck };
  return {
    ...meter,
    temperature: '',
    spot,
    sample,
    rows,
    paste: '',
    heading: 'yes',
    columns: { ...NO_COLUMNS },
  };
}

/** The reading of one row, or what is wrong in which of its fields. */
export function readRow(
  form: Omit<BulkForm, 'rows' | 'paste' | 'heading' | 'columns'>,
  row: BulkRow,
  context: ReadingContext,
): Parsed<ReadingContent> {
  const { instrumentId, scale, atc, resolution, zeroCheck, sample } = form;
  return readReadingForm(
    {
      ...FRESH_READING,
      instrumentId,
      scale,
      atc,
      resolution,
      zeroCheck,
      sample,
      vessel: row.vessel,
      dialValue: row.dial,
      temperatureC: row.temperature.trim() === '' ? form.temperature : row.temperature,
      spot: row.spot === '' ? form.spot : row.spot,
      remark: row.remark,
    },
    context,
  );
}

/** Rows in which something was typed. */
export const filledRows = (rows: readonly BulkRow[]): BulkRow[] =>
  rows.filter((row) => row.dial.trim() !== '');

/** What of a row was typed that would be lost without a dial value. */
const hasMore = ({ dial, temperature, remark }: BulkRow): boolean =>
  dial.trim() === '' && (temperature.trim() !== '' || remark.trim() !== '');

/** Fields of a reading that a row has of its own. */
const COLUMN_OF: Readonly<Record<string, 'dial' | 'temperature'>> = {
  dialValue: 'dial',
  temperatureC: 'temperature',
};

/** All readings of the table, or what is wrong in which row. */
export function readBulk(form: BulkForm, context: ReadingContext): Parsed<ReadingContent[]> {
  const errors: Record<string, FieldErrors[string]> = {};
  const contents: ReadingContent[] = [];
  form.rows.forEach((row, at) => {
    if (hasMore(row)) {
      errors[`rows.${at}.dial`] = {
        sentence: benchWords.typeWhatTheDialShows(),
      };
    }
    if (row.dial.trim() === '') return;
    const read = readRow(form, row, context);
    if (read.ok) contents.push(read.content);
    else {
      for (const [field, error] of Object.entries(read.errors)) {
        const column = COLUMN_OF[field];
        const common = column === 'temperature' && row.temperature.trim() === '';
        const place = column && !common ? `rows.${at}.${column}` : (column ?? field);
        errors[place] = { sentence: error.sentence };
      }
    }
  });
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  if (contents.length === 0) {
    const sentence = benchWords.typeAtLeastOneDial();
    return { ok: false, errors: { 'rows.0.dial': { sentence } } };
  }
  return { ok: true, content: contents };
}
