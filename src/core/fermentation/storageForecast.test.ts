import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bestBefore } from '../heat/bestBefore';
import { FRESH_HONEY, HEAT_LIMITS } from '../heat/heatBudget';
import { hmfMgPerKgDay } from '../heat/heatDamage';
import { granulationCourse } from './granulationCourse';
import { STORAGE_RISKS, storageForecast, type StorageTask } from './storageForecast';
import { STORE_TEMPERATURES, monthlyProfile } from './stores';

const task = (change: Partial<StorageTask> = {}): StorageTask => ({
  moisture: { mean: 18, standardUncertainty: 0 },
  glucosePercent: 31,
  tendency: 'medium',
  yeastPerG: null,
  profileC: monthlyProfile(STORE_TEMPERATURES.shelf, 7, 24),
  keptAs: 'as-it-goes',
  startShare: 0,
  ...change,
});

describe('granulation month by month', () => {
  test('never goes back, is fastest at 10 to 15 °C and hardly moves in the freezer', () => {
    const after = (temperatureC: number) =>
      granulationCourse('medium', Array(6).fill(temperatureC)).at(-1)!;
    expect(after(13)).toBeGreaterThan(after(5));
    expect(after(13)).toBeGreaterThan(after(20));
    expect(after(-18)).toBeLessThan(0.001);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -20, max: 45, noNaN: true }), { minLength: 1, maxLength: 24 }),
        (profile) => {
          const course = [0, ...granulationCourse('fast', profile)];
          course.slice(1).forEach((value, at) => expect(value).toBeGreaterThanOrEqual(course[at]!));
        },
      ),
    );
    expect(() => granulationCourse('fast', [80])).toThrow();
  });
});

describe('storage', () => {
  test('half the glucose set: the liquid part of 18 % honey has 19.8 % (handbook row)', () => {
    const found = storageForecast(task({ startShare: 0.5, profileC: [-18] }));
    expect(found.months[0]!.liquidPercent).toBeCloseTo(19.8, 1);
    expect(found.months[0]!.classId).toBe('under-1');
  });

  test.each([
    [16.5, 20, 'keeps'],
    [18.5, 5, 'held-back'],
    [18.5, 13, 'watch'],
    [18.5, 20, 'risky'],
    [20.5, 20, 'danger'],
    [20.5, 5, 'held-back'],
    [18.5, 35, 'watch'],
  ] as const)('liquid honey of %d %% at %d °C: %s', (mean, temperatureC, risk) => {
    const one = task({
      moisture: { mean, standardUncertainty: 0 },
      profileC: [temperatureC],
      keptAs: 'liquid',
    });
    expect(storageForecast(one).months[0]!.risk).toBe(risk);
  });

  test('the class goes by the upper end of what the moisture may be', () => {
    const at = (standardUncertainty: number) =>
      storageForecast(task({ moisture: { mean: 17, standardUncertainty }, keptAs: 'liquid' }))
        .months[0]!.risk;
    expect(at(0.05)).toBe('keeps');
    expect(at(0.2)).toBe('risky');
  });

  test('counted and few yeast cells keep it, many do not', () => {
    const at = (yeastPerG: number) =>
      storageForecast(
        task({ moisture: { mean: 17.8, standardUncertainty: 0 }, keptAs: 'liquid', yeastPerG }),
      ).worst;
    expect(at(999)).toBe('keeps');
    expect(at(1000)).toBe('risky');
  });

  test('wetter, more set or with more glucose is never a milder class', () => {
    const rank = (change: Partial<StorageTask>): number =>
      STORAGE_RISKS.indexOf(storageForecast(task(change)).worst);
    fc.assert(
      fc.property(
        fc.double({ min: 15, max: 21, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (mean, more) => {
          const at = (value: number) => ({ moisture: { mean: value, standardUncertainty: 0.1 } });
          expect(rank(at(mean + more))).toBeGreaterThanOrEqual(rank(at(mean)));
          expect(rank({ ...at(mean), keptAs: 'creamed' })).toBeGreaterThanOrEqual(
            rank({ ...at(mean), keptAs: 'liquid' }),
          );
        },
      ),
    );
  });

  test('honey is looked at before its class rises, and after 12 months at most', () => {
    const rising = storageForecast(
      task({
        moisture: { mean: 16.6, standardUncertainty: 0.05 },
        tendency: 'fast',
        profileC: Array(24).fill(14),
      }),
    );
    expect(rising.checkReason).toBe('rising');
    expect(rising.checkMonths).toBeLessThan(12);
    const dry = storageForecast(
      task({ moisture: { mean: 15, standardUncertainty: 0.05 }, keptAs: 'liquid' }),
    );
    expect(dry).toMatchObject({ checkMonths: 12, checkReason: 'longest' });
    expect(() => storageForecast(task({ profileC: [] }))).toThrow();
    expect(() => storageForecast(task({ glucosePercent: 50 }))).toThrow();
  });

  test('a year’s profile has its mean, its warmest month in summer, and repeats', () => {
    const profile = monthlyProfile({ meanC: 12, swingC: 5 }, 0, 24);
    expect(profile.slice(0, 12).reduce((sum, value) => sum + value, 0) / 12).toBeCloseTo(12, 9);
    expect(profile.indexOf(Math.max(...profile.slice(0, 12)))).toBe(6);
    expect(profile[13]).toBeCloseTo(profile[1]!, 9);
    expect(() => monthlyProfile({ meanC: 12, swingC: 40 }, 0, 12)).toThrow();
  });
});

describe('best before', () => {
  const options = { checkMonths: 12, limits: HEAT_LIMITS };
  test('warm, HMF ends it; cool, the day to look again', () => {
    expect(bestBefore(15, FRESH_HONEY, options)).toEqual({ days: 364, reason: 'check-again' });
    const warm = bestBefore(35, FRESH_HONEY, options);
    expect(warm.reason).toBe('heat');
    const likelyDays = (HEAT_LIMITS.hmfMgPerKg - FRESH_HONEY.hmf.likely) / hmfMgPerKgDay(35);
    expect(warm.days).toBeLessThan(likelyDays);
    expect(() => bestBefore(80, FRESH_HONEY, options)).toThrow();
    expect(() => bestBefore(20, FRESH_HONEY, { ...options, checkMonths: 13 })).toThrow();
  });
});
