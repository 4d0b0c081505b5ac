import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Lot, LotContent } from './lots/lot';
import { nextRevision } from './revise';
import { mergedRevision, onTopOf } from './stale';
import { countingScribe, sampleLot } from './test/sampleLot';

const base = sampleLot()[0] as Lot;
const changed = (stem: string, change: Partial<LotContent>): Lot =>
  nextRevision(countingScribe(stem), base, {
    content: { ...base.content, ...change },
    reason: 'Changed',
  });

describe('what two tabs made of one record', () => {
  test('different fields go together, on top of what holds', () => {
    const theirs = changed('theirs', { plant: 'borage' });
    const mine = changed('mine', { name: 'Mine' });
    expect(mergedRevision({ base, mine, theirs })).toEqual({
      ...mine,
      supersedes: theirs.id,
      content: { ...base.content, name: 'Mine', plant: 'borage' },
    });
  });

  test('the same field said otherwise is for a person to choose', () => {
    const theirs = changed('theirs', { name: 'Theirs' });
    const mine = changed('mine', { name: 'Mine' });
    expect(mergedRevision({ base, mine, theirs })).toBeNull();
    expect(mergedRevision({ base: null, mine, theirs })).toBeNull();
    expect(onTopOf(mine, theirs)).toMatchObject({
      supersedes: theirs.id,
      content: { name: 'Mine' },
    });
  });

  test('so is removing what the other changed, and what makes no sense together', () => {
    const theirs = changed('theirs', { plant: 'borage' });
    const gone = { ...changed('mine', {}), withdrawn: true };
    expect(mergedRevision({ base, mine: gone, theirs })).toBeNull();
    const wrong = { ...changed('mine', {}), reason: 'x'.repeat(600) };
    expect(mergedRevision({ base, mine: wrong, theirs })).toBeNull();
  });

  test('mine and theirs changing apart, neither loses anything, whichever comes first', () => {
    const fields = fc.record(
      { name: fc.constantFrom('A', 'B'), origin: fc.constantFrom('C', 'D') },
      { requiredKeys: [] },
    );
    const others = fc.record(
      { plant: fc.constantFrom('E', 'F'), targetPercent: fc.constantFrom(17, 19) },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(fields, others, (a, b) => {
        const [mine, theirs] = [changed('mine', a), changed('theirs', b)];
        const [here, there] = [
          mergedRevision({ base, mine, theirs }),
          mergedRevision({ base, mine: theirs, theirs: mine }),
        ];
        expect(here?.content).toEqual({ ...base.content, ...a, ...b });
        expect(there?.content).toEqual(here?.content);
      }),
    );
  });
});
