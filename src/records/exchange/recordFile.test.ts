import { SCHEMA_VERSION } from '../envelope';
import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import type { AnyRecord } from '../record';
import { parseRecordFile, recordFileJsonSchema, recordFileOf } from './recordFile';
import { withoutSeal } from '../test/withoutSeal';
import { sampleLot } from '../test/sampleLot';
import { FileReading } from './fileReading';
import { inEnglish } from '../../core/test/inEnglish';
import { say } from '../../core';

const EXPORTED_AT = '2026-08-02T10:00:00.000Z';
const SCHEMA_FILE = 'public/schema/ripenum-record-5.schema.json';

const textOf = (records: readonly AnyRecord[]): string =>
  JSON.stringify(recordFileOf(records, EXPORTED_AT));

function errorOf(text: string) {
  const result = parseRecordFile(text);
  if (result.ok) throw new Error('the file was accepted');
  return result.error;
}

function changed(change: (records: Record<string, unknown>[]) => void): string {
  const file = withoutSeal(
    JSON.parse(textOf(sampleLot())) as { records: Record<string, unknown>[] },
  );
  change(file.records);
  return JSON.stringify(file);
}

describe('a file that was exported', () => {
  test('comes back as it was', () => {
    const records = sampleLot();
    const result = parseRecordFile(textOf(records));
    expect(result.ok && result.value.records).toEqual(records);
  });

  test('agrees with the JSON Schema that ships, by an independent validator', () => {
    const schema = JSON.parse(readFileSync(SCHEMA_FILE, 'utf8')) as object;
    expect(schema).toEqual(recordFileJsonSchema());
    const validate = new Ajv2020({ strict: false, validateFormats: false }).compile(schema);
    expect(validate(JSON.parse(textOf(sampleLot())))).toBe(true);
    expect(validate(JSON.parse(changed((all) => (all[0]!['kind'] = 'hive'))))).toBe(false);
  });
});

describe('a file that is not right is refused as a whole, with the place', () => {
  test('no JSON at all', () => {
    expect(errorOf('{"format": "ripenum')).toMatchObject({ code: 'not-json' });
    expect(errorOf('')).toMatchObject({ code: 'not-json' });
  });

  test.each(['[]', 'null', '17.4', '{"format":"other","formatVersion":1}'])(
    'foreign: %s',
    (text) => {
      expect(errorOf(text)).toMatchObject({ code: 'foreign-file', path: 'format' });
    },
  );

  test('deeper or longer than any record: refused at once, with where', () => {
    const head =
      '{"format":"ripenum-record","formatVersion":5,"exportedAt":"2026-11-28T10:00:00.000Z","records":[';
    const refused = (text: string): unknown => {
      let good = 0;
      const reading = new FileReading({ good: () => (good += 1), bad: () => (good += 1) });
      reading.feed(text);
      expect({ isOver: reading.isOver, good }).toEqual({ isOver: true, good: 0 });
      const read = reading.end();
      return read.ok ? null : [read.error.code, read.error.details];
    };
    const at = (path: unknown, key: string) => [
      say('errors.at', { path: path as string, message: say(key) }),
    ];
    expect(refused(head + '['.repeat(200_000))).toEqual([
      'damaged-file',
      at('records[0]', 'errors.tooMuch'),
    ]);
    expect(refused(`${head}{"a":"${'x'.repeat(41_000_000)}`)).toEqual([
      'damaged-file',
      at('records[0]', 'errors.tooMuch'),
    ]);
    expect(
      refused(`{"format":"ripenum-record","formatVersion":5,"a":{"b":"${'x'.repeat(1_100_000)}`),
    ).toMatchObject(['foreign-file', expect.anything()]);
    expect(refused('{"a":'.repeat(100_000))).toMatchObject(['foreign-file', expect.anything()]);
  });

  test('of a newer version', () => {
    const text = textOf([]).replace(
      `"formatVersion":${SCHEMA_VERSION}`,
      `"formatVersion":${SCHEMA_VERSION + 1}`,
    );
    expect(errorOf(text).code).toBe('newer-file');
  });

  test('a value out of its range, at its path', () => {
    const text = changed(
      (all) => ((all[3]!['content'] as Record<string, unknown>)['dialValue'] = 82),
    );
    const { message, details, ...rest } = errorOf(text);
    expect(rest).toEqual({ code: 'damaged-file', path: 'records[3].content.dialValue' });
    expect(inEnglish(message)).toMatch(/^The file is damaged or was changed by hand/);
    expect(details?.map(inEnglish)).toEqual([
      'records[3].content.dialValue: No honey shows 82 on this scale: it runs from 12 to 30',
    ]);
  });

  test.each([
    [
      'a lot that is missing',
      'ownerId',
      (all: Record<string, unknown>[]): unknown => (all[1]!['ownerId'] = 'gone'),
    ],
    [
      'a revision that stands twice',
      'id',
      (all: Record<string, unknown>[]): unknown => (all[1]!['id'] = all[0]!['id']),
    ],
    [
      'a former revision that is missing',
      'supersedes',
      (all: Record<string, unknown>[]): unknown => (all[2]!['supersedes'] = 'gone'),
    ],
    [
      'a former revision of something else',
      'supersedes',
      (all: Record<string, unknown>[]): unknown => (all[2]!['supersedes'] = all[1]!['id']),
    ],
    [
      'a container that is missing',
      'containerId',
      (all: Record<string, unknown>[]): unknown =>
        ((all[3]!['content'] as Record<string, unknown>)['containerId'] = 'gone'),
    ],
  ] as const)('%s', (_name, field, change) => {
    const error = errorOf(changed((all) => void change(all)));
    expect(error.code).toBe('damaged-file');
    expect(error.path).toContain(field);
  });

  test('long lists of findings are cut and counted', () => {
    const text = changed((all) => all.forEach((item) => (item['recordedAt'] = 'yesterday')));
    const many = JSON.parse(text) as { records: unknown[] };
    many.records = [...many.records, ...many.records];
    expect(errorOf(JSON.stringify(many)).details?.at(-1)).toEqual(
      say('errors.andMore', { more: 3 }),
    );
  });

  test('whatever is done to a file, it is read or refused, never a crash', () => {
    const good = textOf(sampleLot());
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: good.length - 1 }),
        fc.integer({ min: 0, max: 12 }),
        fc.string({ maxLength: 6 }),
        (at, cut, put) => {
          const text = good.slice(0, at) + put + good.slice(at + cut);
          const result = parseRecordFile(text);
          expect(typeof result.ok).toBe('boolean');
          if (!result.ok) expect(inEnglish(result.error.message).length).toBeGreaterThan(20);
        },
      ),
      { numRuns: 500 },
    );
  });
});
