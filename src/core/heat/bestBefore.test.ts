import { describe, expect, test } from '@jest/globals';
import { bestBefore } from './bestBefore';
import { FRESH_BY_KIND } from './freshHoney';
import { HEAT_LIMITS, HEAT_SPREAD, heatBalance } from './heatBudget';
import { diastaseHalfLifeDays } from './heatDamage';

const TWO_WARM_DAYS = [{ days: 2, temperatureC: 45 }];
const balance = heatBalance(TWO_WARM_DAYS);
const ask = { checkMonths: 12, limits: HEAT_LIMITS } as const;

/** Diastase at the worse end after so many days from a day of the year, northern half. */
function diastaseAfter(meanC: number, swingC: number, from: number, days: number): number {
  let halvings = 0;
  for (let day = 0; day < days; day += 1) {
    const celsius = meanC + swingC * Math.cos((2 * Math.PI * (from + day + 0.5 - 198)) / 365.25);
    halvings += 1 / diastaseHalfLifeDays(celsius);
  }
  return balance.diastase.low * 2 ** (-HEAT_SPREAD.diastase * halvings);
}

describe('best before, proposed', () => {
  test('mean 22 °C, swing 10 K, after two warm days: at the end diastase is still 8', () => {
    const may = 130;
    const { days, reason } = bestBefore({ meanC: 22, swingC: 10 }, balance, {
      ...ask,
      dayOfYear: may,
      hemisphere: 'north',
    });
    expect(reason).toBe('heat');
    expect(diastaseAfter(22, 10, may, days)).toBeGreaterThanOrEqual(8);
    expect(diastaseAfter(22, 10, may, days + 2)).toBeLessThan(8);
    const byMean = bestBefore(22, balance, ask);
    expect(days).toBeLessThan(byMean.days);
  });

  test('summer comes at the other end of the year in the south; unsaid is the worse of both', () => {
    const store = { meanC: 22, swingC: 10 };
    const of = (hemisphere: 'north' | 'south' | 'not-said') =>
      bestBefore(store, balance, { ...ask, dayOfYear: 120, hemisphere }).days;
    expect(of('north')).toBeLessThan(of('south'));
    expect(of('not-said')).toBe(of('north'));
  });

  test('a store that keeps its temperature needs no season; a cold one leaves it to the day to look', () => {
    expect(bestBefore({ meanC: 22, swingC: 0 }, balance, ask)).toEqual(
      bestBefore(22, balance, ask),
    );
    expect(bestBefore(10, balance, ask).reason).toBe('check-again');
    expect(bestBefore(10, balance, { ...ask, checkMonths: 0 }).days).toBe(0);
  });

  test('honey poor in enzymes ages out sooner, HMF that forms faster counts', () => {
    const of = (kind: 'blossom' | 'honeydew') => {
      const start = FRESH_BY_KIND[kind];
      return bestBefore(30, heatBalance(TWO_WARM_DAYS, start), ask).days;
    };
    expect(of('honeydew')).toBeGreaterThan(of('blossom'));
    const poor = heatBalance([], FRESH_BY_KIND['low-enzyme']);
    expect(bestBefore(22, poor, ask).days).toBe(0);
  });

  test('what is no temperature, month or day is refused', () => {
    expect(() => bestBefore(NaN, balance, ask)).toThrow('store');
    expect(() => bestBefore({ meanC: 20, swingC: -1 }, balance, ask)).toThrow('swingC');
    expect(() => bestBefore(20, balance, { ...ask, checkMonths: 13 })).toThrow('checkMonths');
    expect(() => bestBefore(20, balance, { ...ask, dayOfYear: 400 })).toThrow('dayOfYear');
  });
});
