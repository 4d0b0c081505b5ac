import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DomainError } from '../errors';
import { granulationTendency, liquidMoisturePercent } from './granulation';
import { FERMENTATION_CLASS_IDS, fermentationClass, isSafeFromFermentation } from './lochhead';
import { checkAgainMonths, storageBand } from './storage';
import { hasWaterActivity, waterActivity } from './waterActivity';

describe('Lochhead 1933, classes (recalled from memory)', () => {
  test.each([
    [17.1, 'safe'],
    [17.11, 'under-1000'],
    [18.0, 'under-1000'],
    [18.01, 'under-10'],
    [19.0, 'under-10'],
    [19.01, 'under-1'],
    [20.0, 'under-1'],
    [20.01, 'always-in-danger'],
    [24, 'always-in-danger'],
  ])('%d %% is %s', (water, id) => {
    expect(fermentationClass(water).id).toBe(id);
  });

  test('safe by count, and never where the count is unknown above 17.1', () => {
    expect(isSafeFromFermentation(18, 999)).toBe(true);
    expect(isSafeFromFermentation(18, 1000)).toBe(false);
    expect(isSafeFromFermentation(18.5, 9)).toBe(true);
    expect(isSafeFromFermentation(19.5, 0.5)).toBe(true);
    expect(isSafeFromFermentation(20.5, 0)).toBe(false);
    expect(isSafeFromFermentation(17.1, null)).toBe(true);
    expect(isSafeFromFermentation(17.2, null)).toBe(false);
  });

  test('wetter is never a safer class', () => {
    const rank = (w: number) => FERMENTATION_CLASS_IDS.indexOf(fermentationClass(w).id);
    fc.assert(
      fc.property(fc.double({ min: 13, max: 25, noNaN: true }), (w) => rank(w + 0.3) >= rank(w)),
    );
    expect(() => fermentationClass(-1)).toThrow(DomainError);
  });
});

describe('water activity', () => {
  test('Chirife, Zamora & Motto 2006 (recalled from memory): 18 % is 0.594', () => {
    expect(waterActivity(18)).toBeCloseTo(0.594, 9);
    expect(hasWaterActivity(14.9)).toBe(false);
    expect(() => waterActivity(22)).toThrow(DomainError);
  });
});

describe('granulation', () => {
  test('18 % water, 31 % glucose, half of it crystallised: 19.8 % in the liquid (handbook row)', () => {
    expect(liquidMoisturePercent(18, 31, 0.5)).toBeCloseTo(19.8, 1);
  });

  test('nothing crystallised leaves the moisture as it was; more crystals, wetter liquid', () => {
    expect(liquidMoisturePercent(17.4, 30, 0)).toBeCloseTo(17.4, 12);
    expect(liquidMoisturePercent(17.4, 30, 0.8)).toBeGreaterThan(
      liquidMoisturePercent(17.4, 30, 0.4),
    );
    expect(() => liquidMoisturePercent(18, 31, 1.1)).toThrow(DomainError);
  });

  test('White 1962 (recalled from memory): under 1.7 slow, over 2.1 fast', () => {
    expect([28, 33, 37].map((glucose) => granulationTendency(glucose, 17))).toEqual([
      'slow',
      'medium',
      'fast',
    ]);
    expect(() => granulationTendency(30, 0)).toThrow(DomainError);
  });
});

describe('storage', () => {
  test('bands of temperature', () => {
    expect([null, 4, 10.9, 11, 15, 15.1, 27, 28].map(storageBand)).toEqual([
      'not-known',
      'cold',
      'cold',
      'cool',
      'cool',
      'yeast-grows',
      'yeast-grows',
      'warm',
    ]);
    expect(() => storageBand(80)).toThrow(DomainError);
  });

  test('cold honey may wait longer, none longer than 12 months', () => {
    expect(checkAgainMonths('under-10', 20)).toBe(3);
    expect(checkAgainMonths('under-10', 8)).toBe(6);
    expect(checkAgainMonths('safe', 8)).toBe(12);
    expect(checkAgainMonths('always-in-danger', null)).toBe(0.5);
  });
});
