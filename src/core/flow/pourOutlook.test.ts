import { describe, expect, test } from '@jest/globals';
import { DomainError } from '../errors';
import { minutesInCycle, strainerCycle } from './strainer';
import { PAIL_STRAINER } from '../test/extractionLine';
import { pourOutlook } from './pourOutlook';

const start = { minutes: 0, kg: 0 };

describe('a pail under an open gate', () => {
  test('two points tell the flow and the time', () => {
    expect(pourOutlook([start, { minutes: 2, kg: 4 }], 12, 9)).toEqual({
      kgPerMin: 2,
      measured: true,
      fullMinutes: 6,
    });
  });

  test('the last stretch counts, not the first', () => {
    const points = [start, { minutes: 2, kg: 6 }, { minutes: 4, kg: 8 }];
    expect(pourOutlook(points, 12, 9)).toMatchObject({ kgPerMin: 1, fullMinutes: 8 });
  });

  test('a mesh that clogs is later than forecast, never earlier', () => {
    const cycle = strainerCycle(PAIL_STRAINER, { temperatureC: 25, moisturePercent: 17 });
    const at = (kg: number) => ({ minutes: minutesInCycle(cycle, kg), kg });
    const forecastMin = pourOutlook([start, at(4)], 12.5, 1).fullMinutes;
    expect(forecastMin).toBeLessThanOrEqual(at(12.5).minutes);
    expect(forecastMin).toBeGreaterThan(0.8 * at(12.5).minutes);
  });

  test('before anything was read the strainer is believed; nothing flowing never fills', () => {
    expect(pourOutlook([start], 12, 3)).toEqual({ kgPerMin: 3, measured: false, fullMinutes: 4 });
    expect(pourOutlook([start, { minutes: 5, kg: 0 }], 12, 3).fullMinutes).toBe(Infinity);
    expect(pourOutlook([start, { minutes: 5, kg: 12 }], 12, 3).fullMinutes).toBe(5);
  });

  test('no point, or no pail, is refused', () => {
    expect(() => pourOutlook([], 12, 3)).toThrow(DomainError);
    expect(() => pourOutlook([start], 0, 3)).toThrow(DomainError);
    expect(() => pourOutlook([start], 12, -1)).toThrow(DomainError);
  });
});
