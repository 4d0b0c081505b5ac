import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import type { LotReading } from './vesselGroups';
import { lotMoisture, readingUncertainty } from './lotMoisture';
import { readingBudget } from './readingBudget';

const budget = readingBudget(
  { scale: 'water', dialValue: 18, temperatureC: 20, atc: false },
  { resolution: 0.2, zeroCheck: 'checked' },
);

const reading = (moisturePercent: number, vesselId: string | null = 'a'): LotReading => ({
  id: `${vesselId}-${moisturePercent}`,
  vesselId,
  moisturePercent,
  budget,
});

const one = [{ id: 'a', massKg: 10 }];
const two = [
  { id: 'a', massKg: 10 },
  { id: 'b', massKg: 30 },
];

describe('budget of one reading', () => {
  test('resolution is a division over √12 (GUM 4.3.7, recalled from memory)', () => {
    expect(budget.resolution).toBeCloseTo(0.2 / Math.sqrt(12), 9);
  });

  test('± 1 °C of thermometer is 0.09/√3', () => {
    expect(budget.temperature).toBeCloseTo(0.0905 / Math.sqrt(3), 3);
  });

  test('an unnoted temperature costs ten times as much as a noted one', () => {
    const unnoted = readingBudget(
      { scale: 'water', dialValue: 18, temperatureC: null, atc: false },
      { resolution: 0.2, zeroCheck: 'checked' },
    );
    expect(unnoted.temperature / budget.temperature).toBeCloseTo(10, 6);
  });

  test('ATC leaves 0.01 per °C on honey, and the whole coefficient beyond its range', () => {
    const at = (temperatureC: number | null): number =>
      readingBudget(
        { scale: 'water', dialValue: 18, temperatureC, atc: true },
        { resolution: 0.2, zeroCheck: 'checked' },
      ).temperature * Math.sqrt(3);
    expect(at(20)).toBe(0);
    expect(at(30)).toBeCloseTo(0.12, 2);
    expect(at(34) - at(30)).toBeGreaterThan(0.36);
    expect(at(null)).toBeCloseTo(0.12, 2);
  });

  test('the same division means the same moisture on every scale', () => {
    const meter = { zeroCheck: 'checked' } as const;
    const at20 = { temperatureC: 20, atc: false };
    const brix = readingBudget(
      { scale: 'brix', dialValue: 81, ...at20 },
      { resolution: 0.2, ...meter },
    );
    const nD = readingBudget(
      { scale: 'nD', dialValue: 1.4933, ...at20 },
      { resolution: 0.0005, ...meter },
    );
    expect(brix.resolution).toBeCloseTo(0.2 * 1.03 * 0.289, 2);
    expect(nD.resolution).toBeCloseTo(0.0005 * 393 * 0.289, 2);
  });

  test('a division of zero is refused', () => {
    const asked = { scale: 'water', dialValue: 18, temperatureC: 20, atc: false } as const;
    expect(() => readingBudget(asked, { resolution: 0, zeroCheck: 'checked' })).toThrow(
      DomainError,
    );
  });
});

describe('moisture of a lot', () => {
  test('one reading already has an honest ±', () => {
    const { meanPercent, uncertainty } = lotMoisture([reading(17.6)], one);
    expect(meanPercent).toBe(17.6);
    expect(uncertainty.expanded).toBeGreaterThan(0.6);
    expect(uncertainty.expanded).toBeLessThan(0.9);
  });

  test('two readings do not ask for k = 12.7', () => {
    expect(
      lotMoisture([reading(17.6), reading(17.8)], one).uncertainty.coverageFactor,
    ).toBeLessThan(2.8);
  });

  test('vessels are weighted by mass', () => {
    const lot = lotMoisture([reading(16, 'a'), reading(18, 'b')], two);
    expect(lot.meanPercent).toBeCloseTo(17.5, 9);
  });

  test('where a mass is not known, vessels count alike', () => {
    const lot = lotMoisture(
      [reading(16, 'a'), reading(18, 'b')],
      [{ id: 'a', massKg: null }, two[1]!],
    );
    expect(lot.meanPercent).toBeCloseTo(17, 9);
  });

  test('repeating narrows it, but never below what is common to all readings', () => {
    const widths = [1, 3, 10, 300].map(
      (n) =>
        lotMoisture(
          Array.from({ length: n }, () => reading(17.6)),
          one,
        ).uncertainty.standard,
    );
    expect([...widths].sort((a, b) => b - a)).toEqual(widths);
    expect(widths[3]).toBeGreaterThan(
      Math.hypot(budget.calibration, budget.relation, budget.resolution),
    );
  });

  test('an untested vessel widens, testing it narrows', () => {
    const part = lotMoisture([reading(17.6, 'a')], two).uncertainty.standard;
    const all = lotMoisture([reading(17.6, 'a'), reading(17.6, 'b')], two).uncertainty.standard;
    expect(part).toBeGreaterThan(lotMoisture([reading(17.6)], one).uncertainty.standard);
    expect(all).toBeLessThan(part);
  });

  test('the shares of the parts add up to one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 15, max: 22, noNaN: true }), { minLength: 1, maxLength: 8 }),
        (values) => {
          const lot = lotMoisture(
            values.map((value) => reading(value)),
            two,
          );
          expect(lot.components.reduce((sum, part) => sum + part.share, 0)).toBeCloseTo(1, 9);
          expect(lot.meanPercent).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9);
          expect(lot.meanPercent).toBeLessThanOrEqual(Math.max(...values) + 1e-9);
        },
      ),
    );
  });

  test('one reading by itself is as uncertain as a lot of it alone', () => {
    const alone = lotMoisture([{ ...reading(17.6), spot: 'stirred' }], one).uncertainty.expanded;
    expect(readingUncertainty(budget).expanded).toBeCloseTo(alone, 12);
  });

  test('without a reading there is nothing to estimate', () => {
    expect(() => lotMoisture([], one)).toThrow(DomainError);
  });
});
