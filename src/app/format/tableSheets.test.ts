import { describe, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { demoSeason } from '../../../demo/season';
import { DEFAULT_PREFERENCES, nextRevision, type AnyRecord } from '../../records';
import { countingScribe, sampleLot } from '../../records/test/sampleLot';
import { tableSheets } from './tableSheets';

const rowsOf = (records: readonly AnyRecord[], name: string, preferences = DEFAULT_PREFERENCES) => {
  const csv = tableSheets(records, preferences).find((sheet) => sheet.name === name)?.csv ?? '';
  return Papa.parse<Record<string, string>>(csv, { header: true }).data;
};

describe('all tables for a spreadsheet', () => {
  const LOT = sampleLot();

  test('a reading stands with what it means, and the lot that it belongs to by its name', () => {
    const [row] = rowsOf(LOT, 'Readings.csv');
    expect(row).toMatchObject({ 'The dial shows': '17.4', 'Belongs to': 'Lot 260801-a' });
    // 22 °C without ATC: 0.2 lower than the dial (handbook)
    expect(Number(row?.['Water, corrected (%)'])).toBeCloseTo(17.25, 1);
    expect(Number(row?.['± (%)'])).toBeGreaterThan(0.2);
  });

  test('columns are called as forms call them, in the keeper’s unit', () => {
    const pounds = { ...DEFAULT_PREFERENCES, massUnit: 'lb' as const };
    expect(rowsOf(LOT, 'Containers.csv')[0]).toMatchObject({ 'Honey in each (kg)': '12' });
    const [row] = rowsOf(LOT, 'Containers.csv', pounds);
    expect(Number(row?.['Honey in each (lb)'])).toBeCloseTo(26.46, 1);
  });

  test('what holds now stands in it, once; what was removed does not', () => {
    const scribe = countingScribe('later');
    const bucket = LOT.find(({ kind }) => kind === 'container')!;
    const change = { withdrawn: true, reason: 'Removed' };
    const removed = nextRevision(scribe, bucket, { content: bucket.content, ...change });
    expect(rowsOf([...LOT, removed], 'Containers.csv')).toEqual([]);
    expect(rowsOf([...LOT, LOT[0]!], 'Lots.csv')).toHaveLength(1);
  });

  test('the demo season is as many tables as it has kinds, and no column has the name of the code', () => {
    const season = demoSeason('2026-11-26', Date.parse('2026-11-26T12:00:00Z'));
    const sheets = tableSheets(season, DEFAULT_PREFERENCES);
    expect(sheets).toHaveLength(new Set(season.map(({ kind }) => kind)).size);
    const columns = sheets.flatMap(({ csv }) => Papa.parse<string[]>(csv).data[0] ?? []);
    expect(
      columns.filter((column) => /[a-z][A-Z]|\bId\b/.test(column.replace(/\(.*\)/, ''))),
    ).toEqual([]);
  });

  test('what a spreadsheet would take for a formula is none', () => {
    const [lot] = LOT;
    const evil = { ...lot!, content: { ...lot!.content, remark: '=1+1' } } as AnyRecord;
    expect(rowsOf([evil], 'Lots.csv')[0]?.Remark).toBe("'=1+1");
  });
});
