import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { createMemoryRecordStore } from '../db/memoryRecordStore';
import { parseRecordFile, recordFileOf, recordFileText, type AnyRecord } from '../records';
import { sampleExtraction } from '../records/test/sampleExtraction';
import { countingScribe, sampleLot } from '../records/test/sampleLot';
import { withoutSeal } from '../records/test/withoutSeal';
import { sampleStore } from '../records/test/sampleStore';
import { inEnglish } from '../core/test/inEnglish';

const lot = sampleLot();
const records: AnyRecord[] = [
  ...lot,
  ...sampleExtraction(countingScribe('line'), lot[0]!.ownerId),
  ...sampleStore(countingScribe('store'), {
    lotId: lot[0]!.ownerId,
    containerId: lot[1]!.entityId,
  }),
];
const sealed = recordFileText(recordFileOf(records, '2026-08-02T10:00:00.000Z'));
const bare = withoutSeal(recordFileOf(records, '2026-08-02T10:00:00.000Z'));
const unsealed = recordFileText(bare);

const junk = fc.constantFrom(
  '"',
  '{',
  '}',
  '[',
  ']',
  ',',
  ':',
  '0',
  '-',
  'e',
  'null',
  'true',
  '""',
  '\u0000',
  '\ud800',
  '1e999',
  '__proto__',
);

/** A file with some places cut, doubled, swapped or overwritten. */
const mutated = fc
  .record({
    base: fc.constantFrom(sealed, unsealed),
    places: fc.array(
      fc.record({
        at: fc.double({ min: 0, max: 1, noNaN: true }),
        cut: fc.integer({ min: 0, max: 40 }),
        put: fc.oneof(junk, fc.string({ maxLength: 6 })),
      }),
      { minLength: 1, maxLength: 4 },
    ),
  })
  .map(({ base, places }) =>
    places.reduce((text, { at, cut, put }) => {
      const place = Math.floor(at * text.length);
      return `${text.slice(0, place)}${put}${text.slice(place + cut)}`;
    }, base),
  );

describe('importing 2,000 mutated files', () => {
  test('never crashes and never imports a part', async () => {
    let [refused, read] = [0, 0];
    await fc.assert(
      fc.asyncProperty(mutated, async (text) => {
        const parsed = parseRecordFile(text);
        const store = createMemoryRecordStore();
        if (!parsed.ok) {
          refused += 1;
          expect(inEnglish(parsed.error.message)).toMatch(/[.]$/);
          expect(await store.all()).toEqual([]);
          return;
        }
        read += 1;
        const appended = await store.append(parsed.value.records);
        const kept = await store.all();
        expect(appended.ok ? kept.length : 0).toBe(
          appended.ok ? parsed.value.records.length : kept.length,
        );
      }),
      { numRuns: 2000, seed: 77 },
    );
    // Most mutations hurt; some only touch a remark of a file without a seal.
    expect(refused).toBeGreaterThan(1500);
    expect(read + refused).toBe(2000);
  }, 120_000);
});
