import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { brixFromIndex, indexFromBrix } from './brix';
import { moistureFromIndex } from './refractiveIndex';
import { DIAL_RANGES, SCALES, dialFromIndex, indexFromDial, recogniseScale } from './scales';

/** ICUMSA SPS-3, nD20 of sucrose solutions; values recalled from memory of the table. */
const ICUMSA_ROWS: readonly [number, number][] = [
  [60, 1.44193],
  [66, 1.45584],
  [68, 1.46061],
  [70, 1.46546],
  [72, 1.47037],
  [74, 1.47535],
  [76, 1.4804],
  [78, 1.48552],
  [80, 1.49071],
  [82, 1.49597],
  [84, 1.50129],
];

describe('sugar scale', () => {
  test.each(ICUMSA_ROWS)('ICUMSA SPS-3 (recalled from memory): %d °Bx is nD20 %d', (brix, nD) => {
    // 4e-6 of the smooth plus half of the last printed digit
    expect(Math.abs(indexFromBrix(brix) - nD)).toBeLessThanOrEqual(9e-6);
  });

  test('12 % moisture is 86.1 Brix (handbook, computed)', () => {
    expect(DIAL_RANGES.brix[1]).toBeCloseTo(86.1, 1);
  });

  test('100 minus Brix reads 1.5 to 1.85 points too wet in the honey range', () => {
    for (const brix of [79, 80, 81, 82, 83]) {
      const tooWet = 100 - brix - moistureFromIndex(indexFromBrix(brix));
      expect(tooWet).toBeGreaterThan(1.5);
      expect(tooWet).toBeLessThan(1.85);
    }
  });

  test('values off the scale are refused', () => {
    expect(() => indexFromBrix(59)).toThrow(DomainError);
    expect(() => indexFromBrix(NaN)).toThrow(DomainError);
    expect(() => brixFromIndex(1.333)).toThrow(DomainError);
  });
});

describe('dials', () => {
  const nD = fc.double({
    min: DIAL_RANGES.nD[0] + 1e-6,
    max: DIAL_RANGES.nD[1] - 1e-6,
    noNaN: true,
  });

  test.each(SCALES)('%s: scale to index and back within 1e-6', (scale) => {
    const [low, high] = DIAL_RANGES[scale];
    fc.assert(
      fc.property(fc.double({ min: low, max: high, noNaN: true }), (dial) => {
        const back = dialFromIndex(scale, indexFromDial(scale, dial));
        expect(Math.abs(back - dial)).toBeLessThan(1e-6);
      }),
    );
  });

  test('any two scales agree on the index', () => {
    fc.assert(
      fc.property(nD, fc.constantFrom(...SCALES), (index, scale) => {
        expect(Math.abs(indexFromDial(scale, dialFromIndex(scale, index)) - index)).toBeLessThan(
          1e-8,
        );
      }),
    );
  });

  test('a bare number is recognised by its size', () => {
    expect([17.4, 82.4, 1.492, 1.333, 45, -3, NaN].map((value) => recogniseScale(value))).toEqual([
      'water',
      'brix',
      'nD',
      'index-of-water',
      'unknown',
      'unknown',
      'unknown',
    ]);
  });

  test('a dial value that no honey shows is refused', () => {
    expect(() => indexFromDial('water', 82)).toThrow('dialValue = 82 %, allowed 12 to 30');
    expect(() => dialFromIndex('nD', 1.33)).toThrow(DomainError);
  });
});
