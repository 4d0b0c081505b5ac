import { describe, expect, test } from '@jest/globals';
import { bucketsOf, lotEvidence, readingsOf } from '../../test/lotEvidence';
import type { LotEvidence } from '../evidence';
import { settledBy } from './settledBy';

/** Four buckets, of which the first so many were read, all close to the limit of 20 %. */
const open = (read: number, percent = 19.2, change: Partial<LotEvidence> = {}): LotEvidence =>
  lotEvidence({
    vessels: bucketsOf(4),
    readings: bucketsOf(read).flatMap(({ id }) => readingsOf([percent], id)),
    ...change,
  });

describe('what would settle a lot that its readings leave open', () => {
  test('buckets that nobody read come first, then the same ones again', () => {
    expect(settledBy(open(1))).toBe('read-each');
    expect(settledBy(open(3))).toBe('read-each');
    expect(settledBy(open(4))).toBe('read');
  });

  test('one’s own scatter counts: where a reader repeats badly, more readings settle nothing', () => {
    const repeats = (standardDeviation: number) => ({ standardDeviation, degreesOfFreedom: 40 });
    const three = (percent: number): LotEvidence =>
      lotEvidence({
        vessels: bucketsOf(3),
        readings: [-0.1, 0, 0.1].flatMap((off, at) => readingsOf([percent + off], `b${at + 1}`)),
      });
    expect(settledBy(three(19.3))).toBe('read');
    expect(settledBy({ ...three(19.3), repeatability: repeats(2) })).toBe('laboratory');
    expect(settledBy(three(19.6))).toBe('laboratory');
    expect(settledBy({ ...three(19.6), repeatability: repeats(0.03) })).toBe('other-meter');
  });

  test('what was learned of spots in a bucket counts, too', () => {
    const spot = { standardDeviation: 1, degreesOfFreedom: 40 };
    expect(settledBy(open(4, 19.2, { learned: { spot } }))).toBe('laboratory');
  });

  test('within the doubt of a laboratory nothing settles it: it is treated as over', () => {
    expect(settledBy(open(4, 20))).toBe('treat-as-over');
  });
});
