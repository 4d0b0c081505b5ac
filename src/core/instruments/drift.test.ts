import { describe, expect, test } from '@jest/globals';
import { normalDraws, seededRandom } from '../stats/seededRandom';
import {
  DRIFT_PRIOR,
  calibrationAt,
  checkDue,
  driftPerRootMonth,
  jumpAfter,
  offsetSteps,
  type ZeroPoint,
} from './drift';

const PER_INDEX = 391;

function point(atDay: number, offsetPercent: number, change: Partial<ZeroPoint> = {}): ZeroPoint {
  return {
    id: `at-${atDay}`,
    atDay,
    offsetPercent,
    offsetIndex: -offsetPercent / PER_INDEX,
    standardPercent: 0.1,
    expectedDial: 1.469,
    rough: false,
    adjusted: false,
    ...change,
  };
}

describe('history of a meter', () => {
  const history = [point(0, 0.1), point(30, 0.15), point(60, 0.8), point(90, 0.78)];

  test('the last full check before a moment corrects, and its doubt grows with the time since', () => {
    const soon = calibrationAt(history, 31);
    const late = calibrationAt(history, 59);
    expect(soon).toMatchObject({ status: 'known', checkId: 'at-30' });
    if (soon.status !== 'known' || late.status !== 'known') throw new Error('not known');
    expect(soon.offsetIndex).toBeCloseTo(-0.15 / PER_INDEX, 9);
    expect(late.standardPercent).toBeGreaterThan(soon.standardPercent);
  });

  test('without any check nothing is known; the first one acts backwards, and doubt grows with time', () => {
    expect(calibrationAt([], 3)).toEqual({ status: 'none' });
    const first = point(10, 0.5);
    const [dayBefore, yearBefore, same] = [9, -355, 10].map((day) => calibrationAt([first], day));
    expect(dayBefore).toMatchObject({ status: 'known', offsetIndex: first.offsetIndex });
    if (dayBefore?.status !== 'known' || yearBefore?.status !== 'known') throw new Error('known');
    if (same?.status !== 'known') throw new Error('known');
    expect(dayBefore.standardPercent).toBeGreaterThan(same.standardPercent);
    expect(yearBefore.standardPercent).toBeGreaterThan(dayBefore.standardPercent + 0.01);
  });

  test('what a check found counts before it, what it left counts after', () => {
    const set = { ...point(10, 0.5), adjusted: true };
    expect(calibrationAt([set], 9)).toMatchObject({ offsetIndex: set.offsetIndex });
    expect(calibrationAt([set], 11)).toMatchObject({ offsetIndex: 0 });
  });

  test('an older good check outranks a later one, which only throws doubt', () => {
    const [older, later] = [point(0, 0.1), point(20, 0.9)];
    expect(calibrationAt([older, later], 10)).toMatchObject({ checkId: older.id });
    expect(jumpAfter([older, later], 10)?.id).toBe(later.id);
  });

  test('after the meter was set right nothing is subtracted', () => {
    const set = calibrationAt([point(0, 0.6, { adjusted: true })], 5);
    expect(set).toMatchObject({ status: 'known', offsetIndex: 0 });
  });

  test('a rough check corrects nothing; where it disagrees the doubt grows', () => {
    const olive = { rough: true, standardPercent: 0.28 };
    const agreeing = calibrationAt([point(0, 0.3, olive)], 1);
    const disagreeing = calibrationAt([point(0, 1.2, olive)], 1);
    expect(agreeing).toMatchObject({ status: 'rough', agrees: true, standardPercent: 0.28 });
    expect(disagreeing).toMatchObject({ status: 'rough', agrees: false });
    if (disagreeing.status !== 'rough') throw new Error('not rough');
    expect(disagreeing.standardPercent).toBeCloseTo(1.2 / Math.sqrt(3), 9);
    const afterFull = calibrationAt([point(0, 0.1), point(2, 1.2, olive)], 3);
    expect(afterFull).toMatchObject({ status: 'known', checkId: 'at-0' });
  });

  test('a step larger than drift and checks explain is a jump, and throws doubt back to the last good check', () => {
    const steps = offsetSteps(history);
    expect(steps.map((step) => step.jump)).toEqual([false, true, false]);
    expect(jumpAfter(history, 45)?.id).toBe('at-60');
    expect(jumpAfter(history, 20)).toBeNull();
    expect(jumpAfter(history, 70)).toBeNull();
    expect(jumpAfter(history, 100)).toBeNull();
  });

  test('from a meter set right the next step is counted from zero', () => {
    const set = [point(0, 0.8, { adjusted: true }), point(30, 0.05)];
    expect(offsetSteps(set)[0]?.stepPercent).toBeCloseTo(0.05, 9);
    expect(jumpAfter(set, 10)).toBeNull();
  });

  test('own drift replaces the assumed one: a wandering meter is found to wander', () => {
    const draw = normalDraws(seededRandom(4));
    let offset = 0;
    const wandering = Array.from({ length: 40 }, (_, at) => {
      offset += 0.12 * draw();
      return point(at * 30, offset + 0.02 * draw(), { standardPercent: 0.02 });
    });
    const drift = driftPerRootMonth(wandering);
    expect(drift).toBeGreaterThan(0.08);
    expect(drift).toBeLessThan(0.16);
    expect(driftPerRootMonth([])).toBe(DRIFT_PRIOR.standardDeviation);
  });

  test('jumps are rare where nothing happened: at most 1 in 10 of quiet histories', () => {
    const draw = normalDraws(seededRandom(11));
    let jumps = 0;
    for (let one = 0; one < 400; one += 1) {
      const step = DRIFT_PRIOR.standardDeviation * draw();
      const quiet = [point(0, 0.1 * draw()), point(30, step + 0.1 * draw())];
      if (offsetSteps(quiet)[0]?.jump) jumps += 1;
    }
    expect(jumps).toBeLessThanOrEqual(40);
    expect(jumps).toBeGreaterThan(4);
  });

  test('a moment that is no number is refused', () => {
    expect(() => calibrationAt(history, NaN)).toThrow('atDay');
  });
});

describe('check due', () => {
  const habit = { lastDay: 100, today: 110, readingsSince: 20, everyDays: 30, everyReadings: 100 };
  test.each([
    [habit, false, null],
    [{ ...habit, today: 130 }, true, 'days'],
    [{ ...habit, readingsSince: 100 }, true, 'readings'],
    [{ ...habit, lastDay: null }, true, 'never'],
  ])('%j', (given, due, because) => {
    expect(checkDue(given)).toMatchObject({ due, because });
  });
});
