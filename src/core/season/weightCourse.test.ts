import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { simulatedWeights } from '../instruments/simulatedScale';
import { weightCourse } from './weightCourse';

const weighed = (...pairs: readonly (readonly [day: number, massKg: number])[]) =>
  pairs.map(([day, massKg]) => ({ day, massKg }));

describe('what a scale under a hive tells', () => {
  test('nine kilograms in a week', () => {
    const { kgPerDay, days, gainsSince } = weightCourse(weighed([100, 40], [107, 49]));
    expect(kgPerDay).toBeCloseTo(9 / 7, 9);
    expect([days, gainsSince]).toEqual([7, 100]);
  });

  test('one warm day is no flow; three are', () => {
    expect(weightCourse(weighed([100, 40], [101, 41], [102, 42])).gainsSince).toBeNull();
    expect(weightCourse(weighed([100, 40], [101, 41], [102, 42], [103, 43])).gainsSince).toBe(100);
  });

  test('a gain that ended is none now, and one that begins anew begins anew', () => {
    expect(weightCourse(weighed([90, 40], [100, 50], [105, 50])).gainsSince).toBeNull();
    expect(weightCourse(weighed([90, 40], [95, 50], [100, 50], [105, 55])).gainsSince).toBe(100);
  });

  test('a box put on or taken off between makes no gain', () => {
    const both = weighed([100, 40], [104, 55]);
    expect(weightCourse(both, [102])).toEqual({ kgPerDay: null, days: null, gainsSince: null });
    expect(weightCourse(both, [98]).kgPerDay).toBeCloseTo(15 / 4, 9);
  });

  test('weighings too far apart, or one alone, tell nothing', () => {
    expect(weightCourse(weighed([60, 40], [100, 60])).kgPerDay).toBeNull();
    expect(weightCourse(weighed([60, 40])).kgPerDay).toBeNull();
    expect(weightCourse([])).toEqual({ kgPerDay: null, days: null, gainsSince: null });
  });

  test('in which order they were typed does not matter', () => {
    const day = fc.integer({ min: 100, max: 130 });
    const mass = fc.double({ min: 20, max: 90, noNaN: true });
    const list = fc.uniqueArray(fc.record({ day, massKg: mass }), { selector: (each) => each.day });
    fc.assert(
      fc.property(list, (weights) => {
        expect(weightCourse([...weights].reverse())).toEqual(weightCourse(weights));
      }),
    );
  });

  test('the stand-in has a flow in it, and says the same of the same day', () => {
    const found = simulatedWeights(20_000);
    expect(found).toEqual(simulatedWeights(20_000));
    expect(weightCourse(found).gainsSince).toBeGreaterThan(20_000 - 10);
  });
});
