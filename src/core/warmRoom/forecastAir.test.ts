import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { forecastAir } from './forecastAir';

const USUAL = { meanC: 16, swingC: 8, relativeHumidity: 0.75 };
const SPAN = { zeroDay: 100, firstDay: 100, lastDay: 101 };
const fine = { day: 100, highestC: 22, lowestC: 10, rainMm: 0 };

describe('air outside by a forecast', () => {
  const air = forecastAir([fine], USUAL, SPAN);

  test('coldest before dawn, warmest in the afternoon, in days of the run', () => {
    expect(air.days).toEqual([5 / 24, 15 / 24, 1 + 5 / 24, 1 + 15 / 24]);
    expect(air.temperatureC).toEqual([10, 22, 12, 20]);
  });

  // saturation over water: 1.2281 kPa at 10 °C, 2.6447 kPa at 22 °C (published steam tables)
  test('the water of the coldest hour stays in the air: by day it is dry', () => {
    expect(air.relativeHumidity[0]).toBeCloseTo(0.95, 9);
    expect(air.relativeHumidity[1]).toBeCloseTo((0.95 * 1.2281) / 2.6447, 2);
  });

  test('rain keeps the day damp', () => {
    const wet = forecastAir([{ ...fine, rainMm: 6 }], USUAL, SPAN);
    expect(wet.relativeHumidity[1]).toBeCloseTo(0.85, 9);
    expect(forecastAir([{ ...fine, rainMm: null }], USUAL, SPAN).relativeHumidity).toEqual(
      air.relativeHumidity,
    );
  });

  test('a day that no forecast reaches is an ordinary one of the season', () => {
    const ordinary = forecastAir([], USUAL, { zeroDay: 100, firstDay: 101, lastDay: 101 });
    expect(ordinary.temperatureC).toEqual(air.temperatureC.slice(2));
    expect(ordinary.relativeHumidity).toEqual(air.relativeHumidity.slice(2));
  });

  test('whatever is forecast, time goes forward and air holds no more than it can', () => {
    const anyDay = fc.record({
      day: fc.integer({ min: 98, max: 106 }),
      highestC: fc.double({ min: -40, max: 55, noNaN: true }),
      lowestC: fc.double({ min: -40, max: 55, noNaN: true }),
      rainMm: fc.constantFrom(null, 0, 5),
    });
    fc.assert(
      fc.property(fc.array(anyDay, { maxLength: 8 }), (days) => {
        const found = forecastAir(
          days,
          { ...USUAL, meanC: -20, swingC: 30 },
          { zeroDay: 100, firstDay: 99, lastDay: 105 },
        );
        expect([...found.days].sort((a, b) => a - b)).toEqual(found.days);
        for (const humidity of found.relativeHumidity) {
          expect(humidity).toBeGreaterThanOrEqual(0);
          expect(humidity).toBeLessThanOrEqual(1);
        }
      }),
    );
  });
});
