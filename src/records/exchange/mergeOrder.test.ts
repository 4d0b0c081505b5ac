import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { current, heads } from '../heads';
import { rivalriesOf } from './merge';
import type { AnyRecord } from '../record';
import { nextRevision } from '../revise';
import { countingScribe, sampleLot } from '../test/sampleLot';

const start = sampleLot();

interface Edit {
  readonly which: number;
  readonly name: string;
  readonly withdrawn: boolean;
  readonly minute: number;
}

const edits = fc.array(
  fc.record({
    which: fc.nat(start.length - 1),
    name: fc.string({ maxLength: 6 }),
    withdrawn: fc.boolean(),
    minute: fc.nat(10_000),
  }),
  { maxLength: 12 },
);

/** A copy of the records that was worked on apart from the others. */
function workedOn(stem: string, work: readonly Edit[]): AnyRecord[] {
  const scribe = countingScribe(stem, stem);
  return work.reduce<AnyRecord[]>((records, { which, name, withdrawn, minute }) => {
    const entityId = start[which]!.entityId;
    const head = heads(records).find((record) => record.entityId === entityId)!;
    const content =
      head.kind === 'lot' ? { ...head.content, name: name.slice(0, 6) } : head.content;
    const next = nextRevision(scribe, head, { content, withdrawn, reason: stem });
    const recordedAt = new Date(Date.UTC(2026, 8, 1, 0, minute)).toISOString();
    return [...records, { ...next, recordedAt }];
  }, start);
}

/** What a store holds that takes in another's rows: those that it does not have yet. */
function merged(mine: readonly AnyRecord[], theirs: readonly AnyRecord[]): AnyRecord[] {
  const here = new Set(mine.map((record) => record.id));
  return [...mine, ...theirs.filter((record) => !here.has(record.id))];
}

const ids = (records: readonly AnyRecord[]): string[] => records.map((record) => record.id).sort();

describe('two copies worked on apart, then merged', () => {
  test('hold the same whichever takes in the other, and a second time changes nothing', () => {
    fc.assert(
      fc.property(edits, edits, (a, b) => {
        const [mine, theirs] = [workedOn('mine', a), workedOn('theirs', b)];
        const here = merged(mine, theirs);
        const there = merged(theirs, mine);
        expect(ids(here)).toEqual(ids(there));
        expect(ids(heads(here))).toEqual(ids(heads(there)));
        expect(ids(current(here))).toEqual(ids(current(there)));
        expect(merged(here, there)).toEqual(here);
        expect(
          rivalriesOf(here)
            .map((rivalry) => rivalry.entityId)
            .sort(),
        ).toEqual(
          rivalriesOf(there)
            .map((rivalry) => rivalry.entityId)
            .sort(),
        );
      }),
      { numRuns: 300 },
    );
  });

  test('nothing written is lost, and no thing is there twice', () => {
    fc.assert(
      fc.property(edits, edits, (a, b) => {
        const [mine, theirs] = [workedOn('mine', a), workedOn('theirs', b)];
        const all = merged(mine, theirs);
        expect(new Set(ids(all)).size).toBe(all.length);
        expect(all).toHaveLength(start.length + a.length + b.length);
        expect(new Set(heads(all).map((head) => head.entityId)).size).toBe(heads(all).length);
      }),
      { numRuns: 300 },
    );
  });

  test('rivals are asked about only where both changed the same thing differently', () => {
    fc.assert(
      fc.property(edits, edits, (a, b) => {
        const both = new Set(a.map((item) => item.which));
        const shared = b.some((item) => both.has(item.which));
        const found = rivalriesOf(merged(workedOn('mine', a), workedOn('theirs', b)));
        if (!shared) expect(found).toEqual([]);
        for (const { rivals } of found) expect(rivals.length).toBeGreaterThanOrEqual(2);
      }),
      { numRuns: 300 },
    );
  });
});
