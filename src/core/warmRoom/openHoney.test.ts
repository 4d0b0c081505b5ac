import { describe, expect, test } from '@jest/globals';
import type { HoneyPart } from './solver/batch';
import { honeyDepthMm, openHoneyCourse, type OpenHoneyTask } from './openHoney';

const tray = (moisturePercent: number, depthMm: number, change: Partial<OpenHoneyTask> = {}) => {
  const parts: HoneyPart[] = [{ surface: 'open', massKg: 10, moisturePercent, depthMm }];
  return openHoneyCourse({
    parts,
    air: { temperatureC: 28, relativeHumidity: 0.35 },
    honeyC: 25,
    airFactor: 1,
    tareKg: 2,
    hours: 24,
    stirredEveryHours: 0,
    ...change,
  });
};

describe('honey that stands', () => {
  test('in damp air over night an open comb takes water up, most of it at its surface', () => {
    const course = openHoneyCourse({
      parts: [{ surface: 'open', massKg: 15, moisturePercent: 17 }],
      air: { temperatureC: 18, relativeHumidity: 0.85 },
      honeyC: 22,
      airFactor: 0.8,
      tareKg: 8,
      hours: 12,
      stirredEveryHours: 0,
    });
    expect(course.meanPercent.at(-1)).toBeGreaterThan(17.2);
    expect(course.surfacePercent.at(-1)).toBeGreaterThan(21);
    expect(course.gainedKg).toBeGreaterThan(0.03);
    const [first = 0, last = 0] = [course.meanPercent[0], course.meanPercent.at(-1)];
    const waterOf = (percent: number) => (0.83 * 15 * percent) / (100 - percent);
    expect(course.gainedKg).toBeCloseTo(waterOf(last) - waterOf(first), 6);
  });

  test('a thin layer dries faster than a thick one, a stirred one faster than one left alone', () => {
    const after = (course: ReturnType<typeof tray>) => course.meanPercent.at(-1)!;
    expect(after(tray(19, 10))).toBeLessThan(after(tray(19, 30)) - 0.5);
    expect(after(tray(19, 30, { stirredEveryHours: 2 }))).toBeLessThan(after(tray(19, 30)) - 0.2);
  });

  test('a closed surface hardly changes', () => {
    const capped: HoneyPart[] = [{ surface: 'capped', massKg: 15, moisturePercent: 17 }];
    const course = tray(17, 10, {
      parts: capped,
      air: { temperatureC: 18, relativeHumidity: 0.85 },
    });
    expect(Math.abs(course.meanPercent.at(-1)! - 17)).toBeLessThan(0.1);
  });

  test('ten kilograms on half a square metre stand 14 mm deep', () => {
    expect(honeyDepthMm(10, 50, 17)).toBeCloseTo(14.08, 1);
    expect(() => honeyDepthMm(0, 50, 17)).toThrow('massKg');
    expect(() => tray(19, 10, { hours: 0 })).toThrow('hours');
  });
});
