import { describe, expect, test } from '@jest/globals';
import { coarseDrying } from './coarseDrying';
import { saturationPressureKPa } from './moistAir';
import { norrishActivity } from './norrish';

describe('honey and air in equilibrium', () => {
  test.each([
    [15.9, 0.5, 0.036],
    [18.3, 0.6, 0.01],
    [24.2, 0.7, 0.01],
    [33.1, 0.8, 0.01],
  ])('Martin 1958 (recalled from memory): %d %% water at %d', (moisture, humidity, within) => {
    expect(Math.abs(norrishActivity(moisture) - humidity)).toBeLessThanOrEqual(within);
  });

  test('saturation pressure at 33 °C: 5.03 kPa (ASHRAE, recalled from memory)', () => {
    expect(saturationPressureKPa(33)).toBeCloseTo(5.03, 2);
    expect(() => saturationPressureKPa(-50)).toThrow('temperatureC');
  });
});

/** Moisture after some days, found by asking when each moisture is reached. */
function dayOf(
  fromPercent: number,
  toPercent: number,
  cappedShare: number,
  relativeHumidity: number,
) {
  const found = coarseDrying(
    { fromPercent, toPercent, cappedShare },
    { temperatureC: 33, relativeHumidity },
  );
  return found.status === 'reached' ? found.days : null;
}

describe('coarse drying', () => {
  // handbook rows for open honey: reached on that day, the coarse model within 0.9 of a point
  test.each([
    [20, 17.9, 0.3, 1],
    [20, 16.3, 0.3, 3],
    [20, 15.6, 0.3, 4],
    [21, 17.5, 0.25, 2],
    [21, 15.9, 0.25, 4],
  ])('open %d %% reaches %d %% at humidity %d by about day %d', (from, to, humidity, day) => {
    expect(dayOf(from, to + 0.9, 0, humidity)!).toBeLessThanOrEqual(day);
    expect(dayOf(from, to - 0.9, 0, humidity) ?? Infinity).toBeGreaterThanOrEqual(day);
  });

  test('handbook row: capped 17.5 % loses less than a point in four days', () => {
    expect(dayOf(17.5, 16.6, 1, 0.3) ?? Infinity).toBeGreaterThan(4);
    expect(dayOf(17.5, 17.4, 1, 0.3)).toBeLessThan(4);
  });

  test('cappings slow it, damp air stops it, nothing to do takes no time', () => {
    expect(dayOf(20, 17.5, 0.9, 0.3)!).toBeGreaterThan(dayOf(20, 17.5, 0.2, 0.3)!);
    expect(dayOf(18, 17, 0, 0.75)).toBeNull();
    expect(dayOf(17, 18, 0, 0.3)).toBe(0);
    expect(() => coarseDrying({ fromPercent: 50, toPercent: 17, cappedShare: 0 })).toThrow();
  });
});
