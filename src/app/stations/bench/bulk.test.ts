import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { VesselEvidence } from '../../../core';
import { NO_METERS } from '../../../model';
import { DEFAULT_PREFERENCES } from '../../../records';
import { freshBulk, freshRows, readBulk, type BulkForm } from './bulk';
import { looksLikeHeading } from '../../format/cells';
import { cellsOf, guessColumns, leftOver, readPasted } from './pasted';

const vessels: VesselEvidence[] = Array.from({ length: 20 }, (_, at) => ({
  id: `c#${at + 1}`,
  label: `Bucket ${at + 1}`,
  massKg: 12,
}));

const reading = {
  preferences: DEFAULT_PREFERENCES,
  meters: NO_METERS,
  takenAt: '2026-08-01T10:00:00.000Z',
};

const bulk = (change: Partial<BulkForm>): BulkForm => ({
  ...freshBulk(freshRows(vessels), ''),
  temperature: '22',
  ...change,
});

function pasted(text: string, change: Partial<BulkForm> = {}) {
  const form = bulk({ paste: text, ...guessColumns(cellsOf(text), 'water'), ...change });
  return { form, lines: readPasted(form, { vessels, reading }) };
}

describe('twenty buckets in a table', () => {
  test('a row each, those of the plan first', () => {
    const rows = freshRows(vessels, ['c#7', 'c#3', 'gone#1']);
    expect(rows).toHaveLength(20);
    expect(rows.slice(0, 3).map((row) => row.vessel)).toEqual(['c#7', 'c#3', 'c#1']);
    expect(freshRows([])).toHaveLength(1);
  });

  test('rows without a dial are left out; the others take temperature and spot of all', () => {
    const rows = freshRows(vessels);
    rows[0]!.dial = '17,4';
    rows[4]!.dial = '17.8';
    rows[4]!.temperature = '25';
    rows[4]!.spot = 'top';
    const read = readBulk(bulk({ rows }), reading);
    if (!read.ok) throw new Error('not read');
    expect(
      read.content.map((item) => [item.item, item.dialValue, item.temperatureC, item.spot]),
    ).toEqual([
      [1, 17.4, 22, 'not-said'],
      [5, 17.8, 25, 'top'],
    ]);
  });

  test('what is wrong stands in its row; nothing typed is dropped', () => {
    const rows = freshRows(vessels);
    rows[0]!.dial = '17.4';
    rows[1]!.dial = '81';
    rows[2]!.dial = '17.4';
    rows[2]!.temperature = '99';
    rows[3]!.remark = 'sticky lid';
    const read = readBulk(bulk({ rows }), reading);
    if (read.ok) throw new Error('accepted');
    expect(Object.keys(read.errors)).toEqual(['rows.1.dial', 'rows.2.temperature', 'rows.3.dial']);
    expect(read.errors['rows.3.dial']?.sentence).toContain('clear the rest of this row');
  });

  test('a wrong temperature for all is said once, at its own field; an empty table says what to do', () => {
    const rows = freshRows(vessels);
    rows[0]!.dial = '17.4';
    const wrong = readBulk(bulk({ rows, temperature: 'warm' }), reading);
    expect(!wrong.ok && Object.keys(wrong.errors)).toEqual(['temperature']);
    const empty = readBulk(bulk({}), reading);
    expect(!empty.ok && empty.errors['rows.0.dial']?.sentence).toBe(
      'Type at least one dial value.',
    );
  });
});

describe('a table pasted from a spreadsheet, or a CSV file', () => {
  test('columns are found by their headings, in any order and with any separator', () => {
    const { form, lines } = pasted(
      'Temp °C;Note;Bucket;Reading\n22,5;;3;17,4\n21;lid;Bucket 4;17,8\n',
    );
    expect(form.heading).toBe('yes');
    expect(form.columns).toEqual({
      temperature: '0',
      remark: '1',
      vessel: '2',
      dial: '3',
      spot: '',
    });
    expect(
      lines.map((line) => [line.row.vessel, line.content?.dialValue, line.content?.temperatureC]),
    ).toEqual([
      ['c#3', 17.4, 22.5],
      ['c#4', 17.8, 21],
    ]);
  });

  test('without a heading columns are found by what they hold', () => {
    const { form, lines } = pasted('1\t17.4\t22\n2\t17.6\t22\n3\t18.0\t23');
    expect(form.heading).toBe('no');
    expect(form.columns).toMatchObject({ vessel: '0', dial: '1', temperature: '2' });
    expect(lines.every((line) => line.content)).toBe(true);
    expect(looksLikeHeading([['1', '2']])).toBe(false);
  });

  test('each bad line says what is wrong, with its number in the text', () => {
    const text =
      'Bucket,Reading,Temp,Spot\n1,17.4,22,\n99,17.4,22,\n3,seventeen,22,\n4,17.4,95,\n5,,22,\n6,17.2,22,left\n7,17.2,22,TOP';
    const { lines } = pasted(text);
    expect(lines.map(({ line, sentence }) => `${line} ${sentence}`)).toMatchInlineSnapshot(`
      [
        "2 ",
        "3 There is no container “99” in this lot; it has Bucket 1 to Bucket 20.",
        "4 “seventeen” is not a number. Type digits only, such as 17.4.",
        "5 95 °C is too hot for a reading; was it °F? That is 35 °C.",
        "6 There is no dial value in this line.",
        "7 “left” is not a place in the container; write stirred, top, middle or bottom.",
        "8 ",
      ]
    `);
    expect(lines[6]?.content?.spot).toBe('top');
  });

  test('once the good lines are kept, the heading and the bad ones stay to be put right', () => {
    const { form, lines } = pasted('Bucket,Reading\n1,17.4\n99,17.4\n2,17.6');
    const left = leftOver(form, lines);
    expect(left).toBe('Bucket\tReading\n99\t17.4');
    expect(
      leftOver(
        form,
        lines.filter((line) => line.content),
      ),
    ).toBe('');
    const corrected = pasted(left.replace('99', '19'), { heading: 'yes' });
    expect(corrected.lines[0]?.content?.item).toBe(19);
  });

  test('quoted cells, empty lines and a long file', () => {
    expect(cellsOf('a,"b, c"\n\n , \nd,e')).toEqual([
      ['a', 'b, c'],
      ['d', 'e'],
    ]);
    expect(cellsOf('')).toEqual([]);
    expect(cellsOf('1,17.4\n'.repeat(6000))).toHaveLength(5000);
  });

  test('whatever is pasted, it is answered', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        for (const { content, sentence } of pasted(text).lines) {
          expect(content === null).toBe(sentence !== '');
        }
      }),
    );
  });
});
