import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { groupBy } from './groupBy';

describe('items by what they have in common', () => {
  test('keep their order, and keys the order in which they first come', () => {
    const groups = groupBy(['pail', 'tank', 'pot', 'tin'], (text) => text[0]);
    expect([...groups]).toEqual([
      ['p', ['pail', 'pot']],
      ['t', ['tank', 'tin']],
    ]);
    expect(groupBy([], () => 1).size).toBe(0);
  });

  test('each item is in one group, that of its key', () => {
    fc.assert(
      fc.property(fc.array(fc.integer()), fc.integer({ min: 1, max: 9 }), (items, by) => {
        const groups = groupBy(items, (item) => Math.abs(item % by));
        expect([...groups.values()].flat().sort((a, b) => a - b)).toEqual(
          [...items].sort((a, b) => a - b),
        );
        for (const [key, own] of groups) {
          expect(own.length).toBeGreaterThan(0);
          expect(own.every((value) => Math.abs(value % by) === key)).toBe(true);
        }
      }),
    );
  });
});
