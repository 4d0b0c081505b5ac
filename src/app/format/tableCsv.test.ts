import { describe, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { RECORD_KINDS } from '../../records';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import { sampleStore } from '../../records/test/sampleStore';
import { tableCsv } from './tableCsv';
import { kindsWords } from '../words/english/kinds';

const lot = sampleLot();
const store = sampleStore(countingScribe('s'), {
  lotId: lot[0]!.ownerId,
  containerId: lot[1]!.entityId,
});
const rowsOf = (csv: string) => Papa.parse<Record<string, string>>(csv, { header: true }).data;

describe('a table as CSV, read back by another reader', () => {
  test('one row a revision, one column a field, nested ones by their path', () => {
    const packing = store.filter((record) => record.kind === 'packing');
    const [row] = rowsOf(tableCsv(packing));
    expect(row).toMatchObject({
      code: '260820-a.1',
      jarG: '500',
      count: '12',
      'from.0.massKg': '6',
      kind: 'packing',
    });
  });

  test('every kind can leave, and has a name', () => {
    for (const record of [...lot, ...store]) {
      const [row] = rowsOf(tableCsv([record]));
      expect(row?.['id']).toBe(record.id);
    }
    const names = RECORD_KINDS.map((recordKind) => kindsWords[recordKind]());
    expect(names).not.toContain('');
    expect(new Set(names).size).toBe(RECORD_KINDS.length);
  });

  test('what a spreadsheet would run as a formula is only text, commas and quotes survive', () => {
    const evil = lot.map((record) =>
      record.kind === 'lot'
        ? { ...record, content: { ...record.content, name: '=1+1', remark: 'a, "b"\nc' } }
        : record,
    );
    const [row] = rowsOf(tableCsv(evil.filter((item) => item.kind === 'lot')));
    expect(row?.['name']).toBe("'=1+1");
    expect(row?.['remark']).toBe('a, "b"\nc');
  });

  test('long contents are given by their length', () => {
    const long = lot
      .filter((record) => record.kind === 'lot')
      .map((item) => ({ ...item, content: { ...item.content, remark: 'x'.repeat(3000) } }));
    expect(rowsOf(tableCsv(long))[0]?.['remark']).toBe('3000 letters');
  });
});
