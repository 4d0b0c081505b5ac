import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { leavingSteps, sugarInsteadKg, type LeftHive } from './leaving';

const hive = (change: Partial<LeftHive> = {}): LeftHive => ({
  id: 'a',
  leftKg: 9,
  targetKg: 8,
  frames: 5,
  partFilled: 0,
  boxes: 1,
  slots: 10,
  allJudged: true,
  broodFrames: 0,
  health: 'sound',
  ...change,
});
const named = (steps: ReturnType<typeof leavingSteps>): string[] => steps.map(({ step }) => step);

describe('what is done with what stays (common practice, no source)', () => {
  test('a full box that is enough: nothing', () => {
    expect(leavingSteps(hive({ frames: 10 }), [], false)).toEqual([]);
  });

  test('two boxes for five frames: one comes off, a divider beside the five, the guard in autumn', () => {
    expect(leavingSteps(hive({ boxes: 2 }), [], true)).toEqual([
      { step: 'box-down', boxes: 1 },
      { step: 'divider', frames: 5 },
      { step: 'guard-on' },
    ]);
  });

  test('part-filled frames are scratched where there are whole ones to carry into', () => {
    expect(named(leavingSteps(hive({ partFilled: 2 }), [], false))).toContain('scratch');
    expect(named(leavingSteps(hive({ partFilled: 5 }), [], false))).not.toContain('scratch');
  });

  test('a hungry hive gets a frame of the sound hive that has most; health is asked first', () => {
    const hungry = hive({ leftKg: 5 });
    const rich = hive({ id: 'b', leftKg: 11 });
    const richer = hive({ id: 'c', leftKg: 14, health: 'unknown' });
    expect(leavingSteps(hungry, [hungry, rich, richer], false).slice(0, 2)).toEqual([
      { step: 'short', kg: 3 },
      { step: 'take-from', from: 'b' },
    ]);
    expect(named(leavingSteps(hungry, [richer], false))).toContain('none-may-give');
    expect(named(leavingSteps(hungry, [hive({ id: 'd' })], false))).toEqual(['short', 'divider']);
  });

  test('without a target nothing is called short, whatever is left', () => {
    expect(named(leavingSteps(hive({ leftKg: 0, targetKg: null, frames: 0 }), [], false))).toEqual([
      'box-down',
    ]);
  });

  test('while frames are not judged yet nobody says that a box can go', () => {
    expect(leavingSteps(hive({ boxes: 2, allJudged: false }), [], false)).toEqual([]);
  });

  test('late brood is left alone', () => {
    expect(named(leavingSteps(hive({ broodFrames: 1 }), [], false))).toContain('late-brood');
  });

  test('leaving more never makes a hive shorter', () => {
    const kg = fc.double({ min: 0, max: 30, noNaN: true });
    const lack = (leftKg: number): number => {
      const [first] = leavingSteps(hive({ leftKg }), [], false);
      return first?.step === 'short' ? first.kg : 0;
    };
    fc.assert(
      fc.property(kg, kg, (a, b) => {
        expect(lack(Math.max(a, b))).toBeLessThanOrEqual(lack(Math.min(a, b)));
      }),
    );
  });

  test.each([
    [{ slots: 0 }, 'slots'],
    [{ frames: -1 }, 'frames'],
    [{ leftKg: NaN }, 'leftKg'],
  ])('%p is refused', (change, param) => {
    expect(() => leavingSteps(hive(change), [], false)).toThrow(param);
  });
});

test('10 kg of honey with 18 % water stand for 7.8 kg of sugar (dry matter 8.2 kg, 5 % water taken up when inverted)', () => {
  expect(sugarInsteadKg(10, 18)).toBeCloseTo(8.2 / 1.0526, 3);
  expect(() => sugarInsteadKg(-1, 18)).toThrow('honeyKg');
  expect(() => sugarInsteadKg(1, 40)).toThrow('moisturePercent');
});
