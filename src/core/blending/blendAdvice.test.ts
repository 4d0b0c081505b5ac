import { describe, expect, test } from '@jest/globals';
import { drierHoneyNeededKg, relaxed, RELAXATIONS } from './blendAdvice';
import type { BlendContainer, BlendTask } from './blendTask';

const container = (id: string, massKg: number, meanPercent: number): BlendContainer => ({
  id,
  massKg,
  meanPercent,
  randomPercent: 0,
  flow: 'clover',
  colour: 'light',
  barredBecause: null,
});

const TASK: BlendTask = {
  containers: [container('wet', 30, 19.5), container('dry', 40, 16.5)],
  tanks: [{ id: 't0', capacityKg: 50 }],
  targetPercent: 18,
  systematicPercent: 0,
  aim: 'save',
  mixFlows: false,
  mixColours: false,
  wholeOnly: true,
  openingWorthKg: 0.5,
};

describe('a limit relaxed', () => {
  test('changes that limit and nothing else', () => {
    const changed = RELAXATIONS.map((id) => {
      const other = relaxed(TASK, id, 20)!;
      return Object.entries(other).flatMap(([key, value]) =>
        value === TASK[key as keyof BlendTask] ? [] : [key],
      );
    });
    expect(changed).toEqual([
      ['targetPercent'],
      ['mixFlows'],
      ['mixColours'],
      ['wholeOnly'],
      ['tanks'],
    ]);
    expect(relaxed(TASK, 'target', 20)?.targetPercent).toBe(20);
    expect(relaxed(TASK, 'capacity', 20)?.tanks).toEqual([{ id: 't0', capacityKg: 70 }]);
  });

  test('that does not bind is not one', () => {
    const free: BlendTask = {
      ...TASK,
      targetPercent: 20,
      mixFlows: true,
      mixColours: true,
      wholeOnly: false,
      tanks: [{ id: 't0', capacityKg: 500 }],
    };
    expect(RELAXATIONS.map((id) => relaxed(free, id, 20))).toEqual([null, null, null, null, null]);
  });
});

describe('drier honey that would be needed', () => {
  test('by conservation of water: wet and dry together are at the target', () => {
    const kg = drierHoneyNeededKg(TASK, 16.5, 0)!;
    expect(kg).toBeCloseTo((30 * 1.5) / 1.5, 9);
    expect((30 * 19.5 + kg * 16.5) / (30 + kg)).toBeCloseTo(18, 9);
  });

  test('a guard band asks for more', () => {
    const kg = drierHoneyNeededKg(TASK, 16.5, 0.3)!;
    expect((30 * 19.5 + kg * 16.5) / (30 + kg)).toBeCloseTo(17.7, 9);
    expect(kg).toBeGreaterThan(drierHoneyNeededKg(TASK, 16.5, 0)!);
  });

  test('honey at or over the target never brings it down', () => {
    expect(drierHoneyNeededKg(TASK, 18, 0)).toBeNull();
    expect(drierHoneyNeededKg(TASK, 17.8, 0.3)).toBeNull();
  });

  test('none where nothing is too wet', () => {
    const dry = { ...TASK, containers: [container('dry', 40, 16.5)] };
    expect(drierHoneyNeededKg(dry, 16, 0)).toBe(0);
  });
});
