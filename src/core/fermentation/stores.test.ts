import { describe, expect, test } from '@jest/globals';
import { DomainError } from '../errors';
import { monthlyProfile, temperatureOn } from './stores';

const YEAR = { meanC: 12, swingC: 5 };
const DAYS_A_YEAR = 365.25;
const MIDDLE_OF_JULY = 198;

/** Which argument a call refuses, with its unit. */
function refused(call: () => unknown): [string, string] {
  try {
    call();
  } catch (error) {
    if (error instanceof DomainError) return [error.param, String(error.unit)];
  }
  return ['', ''];
}

describe('the year of a store', () => {
  test('is warmest in the middle of July, coldest half a year off, at its mean between', () => {
    const on = (day: number) => temperatureOn(YEAR, day, 'north');
    expect(on(MIDDLE_OF_JULY)).toBeCloseTo(17, 9);
    expect(on(MIDDLE_OF_JULY + DAYS_A_YEAR / 2)).toBeCloseTo(7, 9);
    expect(on(MIDDLE_OF_JULY - DAYS_A_YEAR / 4)).toBeCloseTo(12, 9);
    expect(on(MIDDLE_OF_JULY + DAYS_A_YEAR)).toBeCloseTo(17, 9);
    expect(on(MIDDLE_OF_JULY + 40)).toBeLessThan(on(MIDDLE_OF_JULY + 20));
  });

  test('is turned round in the south', () => {
    for (const day of [0, 60, 198, 300]) {
      const both = temperatureOn(YEAR, day, 'north') + temperatureOn(YEAR, day, 'south');
      expect(both).toBeCloseTo(24, 9);
    }
    expect(temperatureOn(YEAR, MIDDLE_OF_JULY, 'not-said')).toBeCloseTo(17, 9);
  });

  test('month by month begins with the month asked for, and is the same curve', () => {
    const months = monthlyProfile(YEAR, 5, 14);
    expect(months).toHaveLength(14);
    expect(months.indexOf(Math.max(...months.slice(0, 12)))).toBe(1);
    expect(months[12]).toBeCloseTo(months[0]!, 9);
    expect(months[2]!).toBeGreaterThan(months[3]!);
    const south = monthlyProfile(YEAR, 5, 14, 'south');
    months.forEach((month, at) => expect(month + south[at]!).toBeCloseTo(24, 9));
    months.forEach((month, at) => {
      const day = ((5.5 + at) * DAYS_A_YEAR) / 12;
      expect(Math.abs(month - temperatureOn(YEAR, day, 'north'))).toBeLessThan(0.1);
    });
  });

  test('what no year is is refused by name and unit', () => {
    expect(refused(() => temperatureOn(YEAR, -1, 'north'))).toEqual(['dayOfYear', 'd']);
    expect(refused(() => monthlyProfile({ ...YEAR, meanC: 60 }, 0, 12))).toEqual(['meanC', '°C']);
    expect(refused(() => monthlyProfile({ ...YEAR, swingC: -1 }, 0, 12))).toEqual(['swingC', 'K']);
    expect(refused(() => monthlyProfile(YEAR, 12, 12))).toEqual(['startMonth', 'months']);
    expect(refused(() => monthlyProfile(YEAR, 0, 0))).toEqual(['count', 'months']);
  });
});
