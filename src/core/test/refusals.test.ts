import { describe, expect, test } from '@jest/globals';
import * as core from '..';
import { CALLS, WITHOUT_NUMBERS } from './everyCall';
import { wrongCalls } from './refusals';

const functions = Object.entries(core)
  .filter(([, value]) => typeof value === 'function' && !/^class\b/.test(String(value)))
  .map(([name]) => name);

describe('every export of the core refuses what it cannot compute, by name, and in time', () => {
  test('each is called, or takes no number', () => {
    const named = new Set([...Object.keys(CALLS), ...WITHOUT_NUMBERS]);
    expect(functions.filter((name) => !named.has(name))).toEqual([]);
    expect([...named].filter((name) => !functions.includes(name))).toEqual([]);
  });

  test.each(Object.keys(CALLS))(
    '%s: NaN, infinities, negative, zero, fractions, huge and empty in every place',
    (name) => {
      expect(wrongCalls(name)).toEqual([]);
    },
    60_000,
  );
});
