import { describe, expect, test } from '@jest/globals';
import { diastaseHalfLifeDays, heatSpent, hmfMgPerKgDay } from './heatDamage';

describe('heat damage', () => {
  test.each([
    [10, 12600],
    [20, 1480],
    [30, 200],
    [40, 31],
    [50, 5.38],
    [60, 1.05],
    [70, 5.3 / 24],
    [80, 1.2 / 24],
  ])(
    'diastase at %d °C: half gone in %d days (White, Kushnir & Subers 1964, from memory)',
    (t, days) => {
      expect(Math.abs(diastaseHalfLifeDays(t) / days - 1)).toBeLessThan(0.08);
    },
  );

  test.each([
    [30, 150, 250],
    [40, 20, 50],
    [50, 4.5, 9],
    [60, 1, 2.5],
  ])('30 mg/kg of HMF at %d °C: %d to %d days (White and others, from memory)', (t, low, high) => {
    const days = 30 / hmfMgPerKgDay(t);
    expect(Math.abs(days / Math.sqrt(low * high) - 1)).toBeLessThan(0.15);
  });

  test('spells add up, and nothing is spent on nothing', () => {
    expect(heatSpent([])).toEqual({ diastaseLeft: 1, hmfMgPerKg: 0 });
    const once = heatSpent([{ days: 4, temperatureC: 40 }]);
    const twice = heatSpent([
      { days: 1, temperatureC: 40 },
      { days: 3, temperatureC: 40 },
    ]);
    expect(twice.diastaseLeft).toBeCloseTo(once.diastaseLeft, 12);
    expect(twice.hmfMgPerKg).toBeCloseTo(once.hmfMgPerKg, 12);
    expect(() => heatSpent([{ days: 1, temperatureC: 200 }])).toThrow('temperatureC');
  });
});
