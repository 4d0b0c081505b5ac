import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import {
  COMPUTED_RANGE_ND20,
  COMPUTED_RANGE_PERCENT,
  indexFromMoisture,
  isOutsideTable,
  moistureFromIndex,
  moisturePerIndex,
} from './refractiveIndex';

/** Chataway (1932) as in AOAC 969.38; values recalled from memory of the table. */
const CHATAWAY_ROWS: readonly [number, number][] = [
  [1.5044, 13.0],
  [1.4992, 15.0],
  [1.494, 17.0],
  [1.49, 18.6],
  [1.4865, 20.0],
  [1.4815, 22.0],
  [1.4765, 24.0],
];

describe('moisture from refractive index', () => {
  test.each(CHATAWAY_ROWS)(
    'Chataway 1932 (recalled from memory): nD20 %d is %d %%',
    (nD, water) => {
      expect(Math.abs(moistureFromIndex(nD) - water)).toBeLessThanOrEqual(0.025);
    },
  );

  test('more water, lower index', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 12, max: 29.9, noNaN: true }),
        fc.double({ min: 0.001, max: 0.1, noNaN: true }),
        (w, more) => indexFromMoisture(w + more) < indexFromMoisture(w),
      ),
    );
  });

  test('the inverse gives back what went in', () => {
    fc.assert(
      fc.property(fc.double({ min: 12, max: 30, noNaN: true }), (w) => {
        expect(moistureFromIndex(indexFromMoisture(w))).toBeCloseTo(w, 9);
      }),
    );
  });

  test('the slope is the derivative', () => {
    const numeric = (moistureFromIndex(1.4901) - moistureFromIndex(1.4899)) / 0.0002;
    expect(moisturePerIndex(1.49)).toBeCloseTo(numeric, 1);
  });

  test('the table ends at 13 and 25 %', () => {
    expect([12.9, 13, 25, 25.1].map(isOutsideTable)).toEqual([true, false, false, true]);
  });

  test.each([NaN, 1.333, 1.52, Infinity])('index %d is refused', (nD) => {
    expect(() => moistureFromIndex(nD)).toThrow(DomainError);
    expect(() => moisturePerIndex(nD)).toThrow(DomainError);
  });

  test('moisture outside 12 to 30 % is refused with its limits', () => {
    expect(() => indexFromMoisture(31)).toThrow('moisturePercent = 31 %');
    expect(COMPUTED_RANGE_PERCENT).toEqual([12, 30]);
    expect(COMPUTED_RANGE_ND20[0]).toBeLessThan(COMPUTED_RANGE_ND20[1]);
  });
});
