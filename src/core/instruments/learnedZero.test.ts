import { describe, expect, test } from '@jest/globals';
import { learnedBetweenVessels, vesselScatter } from '../moisture/learnedSpreads';
import { readingsOf } from '../test/lotEvidence';
import { calibrationAt, checkDue, type ZeroPoint } from './drift';
import { certifiedOil } from './reference';
import { uncheckedZero } from './uncheckedZero';
import { zeroOffset } from './zeroOffset';

const METER = { scale: 'water', resolution: 0.2, atc: false } as const;
const check = (dialValues: readonly number[], nD20 = 1.49) =>
  zeroOffset({ reference: certifiedOil(nD20), dialValues, temperatureC: 20 }, METER);

const point = (atDay: number, offsetPercent: number): ZeroPoint => ({
  id: `z${atDay}`,
  atDay,
  adjusted: false,
  offsetIndex: -offsetPercent * 0.0025,
  offsetPercent,
  standardPercent: 0.12,
  degreesOfFreedom: 6,
  expectedDial: 18.6,
  rough: false,
});

describe('a zero check by its own looks', () => {
  test('17.2, 18.6 and 20.0 is not ± 0.5: the looks’ own scatter counts', () => {
    const wild = check([17.2, 18.6, 20.0]);
    const steady = check([18.6, 18.6, 18.6]);
    expect(wild.standardPercent).toBeGreaterThan(0.4);
    expect(steady.standardPercent).toBeLessThan(0.2);
    expect(wild.degreesOfFreedom).toBeLessThan(20);
  });

  test('an oil at 1.469 leaves the span to the honey at 1.49 open', () => {
    expect(check([26], 1.469).standardPercent).toBeGreaterThan(
      check([18.6]).standardPercent + 0.005,
    );
  });
});

describe('after a jump', () => {
  const jumped = [point(0, 0), point(30, 0.02), point(60, 1.2)];

  test('the doubt widens, and a second check is asked for', () => {
    const calm = calibrationAt([point(0, 0), point(30, 0.02), point(60, 0.03)], 61);
    const found = calibrationAt(jumped, 61);
    expect(calm).toMatchObject({ status: 'known', jumped: false });
    expect(found).toMatchObject({ status: 'known', jumped: true });
    if (calm.status !== 'known' || found.status !== 'known') throw new Error();
    expect(found.standardPercent).toBeGreaterThan(calm.standardPercent + 0.1);
    const habit = { lastDay: 60, today: 61, readingsSince: 1, everyDays: 60, everyReadings: 50 };
    expect(checkDue({ ...habit, jumped: true })).toMatchObject({ due: true, because: 'jump' });
    expect(checkDue({ ...habit, jumped: false })).toMatchObject({ due: false });
  });

  test('a second check that agrees takes the doubt away', () => {
    expect(calibrationAt([...jumped, point(61, 1.18)], 62)).toMatchObject({ jumped: false });
  });
});

describe('learned from own records, the guess kept', () => {
  test('meters that were right narrow what an unchecked one may be off by, wrong ones widen it', () => {
    const of = (offset: number, meters: number) =>
      uncheckedZero(Array.from({ length: meters }, () => [point(0, offset)])).standardDeviation;
    expect(of(0, 0)).toBeCloseTo(0.42, 9);
    expect(of(0.1, 6)).toBeLessThan(0.3);
    expect(of(1, 6)).toBeGreaterThan(0.7);
    expect(uncheckedZero([[point(0, 0.1)], []]).from).toBe(1);
  });

  test('vessels of own lots: the reader’s scatter is taken off, lots with one vessel say nothing', () => {
    const lot = [...readingsOf([17], 'a'), ...readingsOf([17.6], 'b'), ...readingsOf([18.2], 'c')];
    const scatter = vesselScatter(lot)!;
    expect(scatter.degreesOfFreedom).toBe(2);
    expect(scatter.squares).toBeCloseTo(0.72 - 2 * 0.18 ** 2, 9);
    expect(vesselScatter(readingsOf([17, 17.2], 'a'))).toBeNull();
    const alike = learnedBetweenVessels(
      Array.from({ length: 10 }, () => ({ squares: 0.02, degreesOfFreedom: 2 })),
    );
    expect(alike).toMatchObject({ from: 10, degreesOfFreedom: 23 });
    expect(alike.standardDeviation).toBeLessThan(0.25);
  });
});
