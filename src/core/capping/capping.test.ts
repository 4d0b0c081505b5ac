import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { wilsonInterval } from '../stats/wilson';
import {
  COPY,
  EYE,
  cappedShareOf,
  countedCapping,
  hasEnoughPoints,
  judgedCapping,
  pooledCapping,
} from './cappedShare';
import { CELL_STATES, countedShares, quickShares } from './cellShares';
import { trustedShake } from './shakeTest';

describe("Wilson's score interval", () => {
  // python3 -c "from scipy.stats import binomtest; print(binomtest(32,40).proportion_ci(method='wilson'))"
  test.each([
    [32, 40, 0.6524269, 0.8950001],
    [0, 24, 0, 0.1379762],
    [24, 24, 0.8620238, 1],
    [7, 31, 0.1139514, 0.3981242],
  ])('scipy.stats.binomtest: %d of %d', (hits, count, low, high) => {
    expect(wilsonInterval(hits, count).low).toBeCloseTo(low, 6);
    expect(wilsonInterval(hits, count).high).toBeCloseTo(high, 6);
  });

  test('refuses nothing counted, more hits than looks, an odd coverage', () => {
    expect(() => wilsonInterval(0, 0)).toThrow('count');
    expect(() => wilsonInterval(5, 4)).toThrow('hits');
    expect(() => wilsonInterval(1, 4, 1)).toThrow('coverage');
  });
});

const tenths = fc.integer({ min: 0, max: 10 });
const look = fc
  .record({ honeyTenths: tenths, cappedTenths: tenths, undrawnTenths: tenths, broodTenths: tenths })
  .filter((item) => item.honeyTenths + item.undrawnTenths + item.broodTenths <= 10);
const counts = fc
  .record({
    capped: fc.nat(60),
    open: fc.nat(60),
    empty: fc.nat(60),
    undrawn: fc.nat(60),
    brood: fc.nat(60),
  })
  .filter((item) => CELL_STATES.some((state) => item[state] > 0));

const sum = (shares: Readonly<Record<(typeof CELL_STATES)[number], number>>): number =>
  CELL_STATES.reduce((total, state) => total + shares[state], 0);

describe('shares of a side', () => {
  test('sum to one, by eye and by count, and none is negative', () => {
    fc.assert(
      fc.property(look, counts, (eye, counted) => {
        for (const shares of [quickShares(eye), countedShares(counted)]) {
          expect(sum(shares)).toBeCloseTo(1, 9);
          expect(Math.min(...CELL_STATES.map((state) => shares[state]))).toBeGreaterThanOrEqual(0);
        }
      }),
    );
  });

  test('only honey-bearing cells count: empty cells, brood and bare wax change nothing', () => {
    const full = countedShares({ capped: 30, open: 10, empty: 0, undrawn: 0, brood: 0 });
    const half = countedShares({ capped: 30, open: 10, empty: 20, undrawn: 9, brood: 11 });
    expect(cappedShareOf(full)).toBeCloseTo(0.75, 9);
    expect(cappedShareOf(half)).toBeCloseTo(0.75, 9);
    expect(cappedShareOf(countedShares({ ...half, capped: 0, open: 0 }))).toBeNull();
  });

  test('more than a whole side, nothing counted and negative counts are refused', () => {
    const over = { honeyTenths: 8, cappedTenths: 5, undrawnTenths: 2, broodTenths: 1 };
    expect(() => quickShares(over)).toThrow('honeyTenths + undrawnTenths + broodTenths');
    const none = { capped: 0, open: 0, empty: 0, undrawn: 0, brood: 0 };
    expect(() => countedShares(none)).toThrow('counts');
    expect(() => countedShares({ ...none, open: -1 })).toThrow('open');
  });
});

describe('capped share with its interval', () => {
  test('handbook row: 32 of 40 points, 0.652 to 0.895', () => {
    const counted = countedCapping(32, 8);
    expect(counted.share).toBeCloseTo(0.8, 9);
    expect(counted.low).toBeCloseTo(0.652, 3);
    expect(counted.high).toBeCloseTo(0.895, 3);
  });

  test('an eye is surest near nothing and all, and a copy is surer than an eye', () => {
    const width = (share: number): number => judgedCapping(share, EYE).standardUncertainty;
    expect(width(0)).toBeLessThan(width(0.2));
    expect(width(0.2)).toBeLessThan(width(0.5));
    expect(width(1)).toBeCloseTo(width(0), 9);
    expect(judgedCapping(0.5, COPY).standardUncertainty).toBeLessThan(width(0.5));
    expect(() => judgedCapping(1.1, EYE)).toThrow('share');
  });

  test('the pooled share lies between those of the parts', () => {
    const part = fc.record({
      share: fc.double({ min: 0, max: 1, noNaN: true }),
      weight: fc.double({ min: 0.01, max: 5, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 12 }), (parts) => {
        const weighted = parts.map(({ share, weight }) => ({
          capped: judgedCapping(share, EYE),
          weight,
        }));
        const pooled = pooledCapping(weighted);
        const shares = parts.map((item) => item.share);
        expect(pooled.share).toBeGreaterThanOrEqual(Math.min(...shares) - 1e-12);
        expect(pooled.share).toBeLessThanOrEqual(Math.max(...shares) + 1e-12);
      }),
    );
    expect(() => pooledCapping([])).toThrow('parts');
  });

  test('enough points: a narrow interval, or one clear of the share that matters', () => {
    expect(hasEnoughPoints(11, 0, 0.8)).toBe(false);
    expect(hasEnoughPoints(24, 0, 0.8)).toBe(true);
    expect(hasEnoughPoints(6, 18, 0.8)).toBe(true);
    expect(hasEnoughPoints(19, 5, 0.8)).toBe(false);
    expect(hasEnoughPoints(76, 24, 0.8)).toBe(true);
  });
});

describe('shake test', () => {
  test('cold comb passes falsely; what falls is wet at any temperature', () => {
    expect(trustedShake({ result: 'nothing-fell', combTemperatureC: 12 })).toBe('not-done');
    expect(trustedShake({ result: 'nothing-fell', combTemperatureC: 28 })).toBe('nothing-fell');
    expect(trustedShake({ result: 'nothing-fell', combTemperatureC: null })).toBe('nothing-fell');
    expect(trustedShake({ result: 'drops', combTemperatureC: 5 })).toBe('drops');
  });
});
