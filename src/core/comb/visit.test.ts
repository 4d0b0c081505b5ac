import { describe, expect, test } from '@jest/globals';
import { clearingPlan, type ClearingQuestion } from './clearing';
import { ROBBED_PLACES, ROBBERS, robbingSteps } from './robbing';
import { totesNeeded, visitOrder } from './visit';

const question = (change: Partial<ClearingQuestion> = {}): ClearingQuestion => ({
  method: 'brush',
  frames: 40,
  leadDays: null,
  contactHours: null,
  temperatureC: 22,
  broodInBoxes: false,
  ...change,
});

describe('how bees are cleared (common practice, no source)', () => {
  test.each([
    [{ method: 'escape-board', leadDays: 3 }, ['boards-on', 'smoke', 'queen', 'brush']],
    [{ method: 'scent', contactHours: 0.1 }, ['scent-on', 'smoke', 'queen', 'brush']],
    [{ method: 'brush' }, ['smoke', 'queen', 'brush']],
    [{ method: 'blower' }, ['smoke', 'queen', 'brush', 'blower']],
    [{ method: 'blower', frames: 9 }, ['smoke', 'queen', 'blower']],
  ] as const)('%p', (change, steps) => {
    expect(clearingPlan(question(change)).steps.map(({ step }) => step)).toEqual(steps);
  });

  test('a blower is for the last dozen; the others are brushed', () => {
    expect(clearingPlan(question({ method: 'blower' })).steps.slice(-2)).toEqual([
      { step: 'brush', frames: 28, minutes: 21 },
      { step: 'blower', frames: 12 },
    ]);
  });

  test('minutes of contact are those of the label', () => {
    const [first] = clearingPlan(question({ method: 'scent', contactHours: 0.1 })).steps;
    expect(first).toEqual({ step: 'scent-on', minutes: 6 });
  });

  test.each([
    [{ method: 'scent', temperatureC: 14 }, ['scent-in-cold']],
    [{ method: 'scent', temperatureC: 35 }, ['scent-in-heat']],
    [{ method: 'blower', temperatureC: 8 }, ['blower-in-cold']],
    [{ method: 'brush', temperatureC: 8 }, ['brush-in-cold']],
    [{ method: 'escape-board', broodInBoxes: true, temperatureC: null }, ['boards-over-brood']],
    [{ method: 'scent', temperatureC: null }, []],
  ] as const)('against it: %p', (change, doubts) => {
    expect(clearingPlan(question(change)).doubts).toEqual(doubts);
  });

  test('no frames are no work; frames below none are refused', () => {
    expect(clearingPlan(question({ frames: 0 })).steps.map(({ step }) => step)).toEqual([
      'smoke',
      'queen',
    ]);
    expect(() => clearingPlan(question({ frames: -1 }))).toThrow('frames');
  });
});

test('hives that need least come first, defensive ones last', () => {
  const hive = (id: string, boxes: number, temper: 'gentle' | 'defensive' | null) => ({
    id,
    boxes,
    temper,
  });
  const order = visitOrder([
    hive('a', 1, 'defensive'),
    hive('b', 3, 'gentle'),
    hive('c', 2, null),
    hive('d', 4, 'defensive'),
  ]);
  expect(order.map(({ id }) => id)).toEqual(['c', 'b', 'a', 'd']);
});

test('totes: the last one need not be full', () => {
  expect([0, 1, 12, 13].map((frames) => totesNeeded(frames, 12))).toEqual([0, 1, 1, 2]);
  expect(() => totesNeeded(-1, 12)).toThrow('frames');
  expect(() => totesNeeded(1, 0)).toThrow('slots');
});

test('once robbers are there, honey is closed off before anything else, and work goes on another time', () => {
  for (const place of ROBBED_PLACES) {
    for (const robber of ROBBERS) {
      const steps = robbingSteps(place, robber);
      expect(steps[0]).toBe(place === 'house' ? 'carry-in' : 'close-hives');
      expect(steps.at(-1)).toBe('go-on-tomorrow');
      expect(new Set(steps).size).toBe(steps.length);
    }
  }
});
