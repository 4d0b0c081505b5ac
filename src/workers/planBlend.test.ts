import { beforeAll, describe, expect, test } from '@jest/globals';
import loadHighs from 'highs';
import { solve as yalps } from 'yalps';
import { highsSolver } from './highsSolver';
import { seededRandom } from '../core/stats/seededRandom';
import { relaxations } from '../core/blending/blendAdvice';
import { sharedCut, tangentCut, passedBy } from '../core/blending/blendModel';
import {
  blendWorthKg,
  filledTanks,
  groupOf,
  tankMoisture,
  type BlendTask,
  type Pour,
} from '../core/blending/blendTask';
import { bestBlend, secondBlend } from '../core/blending/planBlend';
import { blendContainer, blendTask } from '../core/test/blends';
import type { ProgrammeSolver } from '../core/blending/programme';

let solve: ProgrammeSolver;
const limits = { seconds: 20, nowMs: () => performance.now() };

beforeAll(async () => {
  solve = highsSolver(await loadHighs());
});

const container = (id: string, massKg: number, meanPercent: number, change = {}) =>
  blendContainer(id, { massKg, meanPercent, ...change });

const task = blendTask;

/** Every way to put whole containers into tanks, tried one after the other. */
function bruteForce(blendTask: BlendTask): number {
  let best = 0;
  const places = blendTask.tanks.length + 1;
  for (let code = 0; code < places ** blendTask.containers.length; code += 1) {
    let rest = code;
    const pours = blendTask.containers.flatMap((each): Pour[] => {
      const tank = rest % places;
      rest = Math.floor(rest / places);
      return tank === 0
        ? []
        : [{ containerId: each.id, tankId: blendTask.tanks[tank - 1]!.id, massKg: each.massKg }];
    });
    const byId = new Map(blendTask.containers.map((each) => [each.id, each]));
    const isAllowed = filledTanks(blendTask, pours).every((tank) => {
      const held = pours.filter((each) => each.tankId === tank.tankId);
      const groups = new Set(held.map((each) => groupOf(byId.get(each.containerId)!, blendTask)));
      const capacity = blendTask.tanks.find((each) => each.id === tank.tankId)!.capacityKg;
      return (
        groups.size <= 1 &&
        tank.massKg <= capacity + 1e-9 &&
        tank.upperPercent <= blendTask.targetPercent + 1e-9
      );
    });
    if (isAllowed) best = Math.max(best, blendWorthKg(blendTask, pours));
  }
  return best;
}

describe('moisture of a tank', () => {
  test('two halves, 0.10 own and 0.10 shared, are known to 0.122 (handbook row)', () => {
    const parts = [17, 19].map((mean, at) => ({
      container: container(`c${at}`, 10, mean, { randomPercent: 0.1 }),
      massKg: 10,
    }));
    const found = tankMoisture(parts, 0.1);
    expect(found.mean).toBeCloseTo(18, 12);
    expect(found.standardUncertainty).toBeCloseTo(0.1225, 4);
    expect(() => tankMoisture([], 0.1)).toThrow();
  });

  test('tangents touch the guard band and never pass it', () => {
    const random = seededRandom(3);
    const containers = Array.from({ length: 6 }, (_, at) =>
      container(`c${at}`, 10, 16 + 4 * random(), { randomPercent: 0.3 * random() }),
    );
    const one = task({ containers });
    for (let round = 0; round < 50; round += 1) {
      const at = containers.map(() => 10 * random());
      const other = containers.map(() => 10 * random());
      const there = tangentCut(containers, one, other);
      expect(passedBy(tangentCut(containers, one, at), at)).toBeGreaterThanOrEqual(
        passedBy(there, at) - 1e-9,
      );
      expect(passedBy(sharedCut(containers, one), at)).toBeLessThanOrEqual(
        passedBy(tangentCut(containers, one, at), at) + 1e-9,
      );
    }
  });
});

describe('the best blend', () => {
  test.each(Array.from({ length: 12 }, (_, seed) => seed))(
    'whole containers, small case %d: as good as trying every way',
    (seed) => {
      const random = seededRandom(100 + seed);
      const one = task({
        wholeOnly: true,
        aim: seed % 3 === 0 ? 'fill' : 'save',
        mixFlows: seed % 2 === 0,
        mixColours: true,
        containers: Array.from({ length: 7 }, (_, at) =>
          container(`c${at}`, 6 + 10 * random(), 16.2 + 3.2 * random(), {
            flow: random() < 0.5 ? 'beans' : 'clover',
            randomPercent: 0.1 + 0.2 * random(),
          }),
        ),
        tanks: [
          { id: 't0', capacityKg: 35 },
          { id: 't1', capacityKg: seed % 2 === 0 ? 35 : 25 },
        ],
      });
      const found = bestBlend(one, solve, { limits });
      expect(found?.worthKg ?? 0).toBeCloseTo(bruteForce(one), 2);
    },
  );

  test('in parts: as much as a second solver finds with the same limits', () => {
    const random = seededRandom(11);
    const containers = Array.from({ length: 8 }, (_, at) =>
      container(`c${at}`, 10 + 5 * random(), at < 3 ? 18.6 + random() : 16.4 + random(), {
        randomPercent: 0,
      }),
    );
    // Without doubts of their own the guard band is linear, and one programme says it all.
    const one = task({ containers, openingWorthKg: 0, tanks: [{ id: 't0', capacityKg: 60 }] });
    const cut = sharedCut(containers, one);
    const variables = Object.fromEntries(
      containers.map((each, at) => [
        each.id,
        { worth: cut[at]! > 0 ? 1 : -0.001, guard: cut[at]!, room: 1, [each.id]: 1 },
      ]),
    );
    const second = yalps({
      direction: 'maximize',
      objective: 'worth',
      constraints: {
        guard: { max: 0 },
        room: { max: 60 },
        ...Object.fromEntries(containers.map((each) => [each.id, { max: each.massKg }])),
      },
      variables,
    });
    expect(second.status).toBe('optimal');
    expect(bestBlend(one, solve, { limits })?.worthKg).toBeCloseTo(second.result, 2);
  });

  test('one wet and one dry pail: the share follows from conservation of water', () => {
    const containers = [container('wet', 10, 19), container('dry', 40, 17)].map((each) => ({
      ...each,
      randomPercent: 0,
    }));
    const one = task({ containers, systematicPercent: 0 });
    const found = bestBlend(one, solve, { limits })!;
    expect(found.savedKg).toBeCloseTo(10, 2);
    expect(found.tanks[0]!.moisture.mean).toBeCloseTo(18, 3);
    expect(found.leftKg).toBeCloseTo(0, 2);
  });

  test('every tank keeps to the target with its guard band, to flows and to what may be used', () => {
    const random = seededRandom(5);
    const containers = Array.from({ length: 60 }, (_, at) =>
      container(`c${at}`, 8 + 12 * random(), 16 + 3.5 * random(), {
        flow: `flow ${at % 3}`,
        barredBecause: at % 10 === 0 ? 'it ferments' : null,
      }),
    );
    const tanks = [120, 120, 120, 60].map((capacityKg, at) => ({ id: `t${at}`, capacityKg }));
    const one = task({ containers, tanks });
    const found = bestBlend(one, solve, { limits: { ...limits, seconds: 4 } })!;
    expect(found.worthKg).toBeGreaterThan(0.95 * found.boundKg);
    for (const tank of found.tanks) {
      expect(tank.upperPercent).toBeLessThanOrEqual(18.001);
      expect(tank.massKg).toBeLessThanOrEqual(
        tanks.find((each) => each.id === tank.tankId)!.capacityKg + 1e-6,
      );
      const held = found.pours.filter((each) => each.tankId === tank.tankId);
      const used = held.map((each) => containers.find((c) => c.id === each.containerId)!);
      expect(new Set(used.map((each) => each.flow)).size).toBe(1);
      expect(used.every((each) => each.barredBecause === null)).toBe(true);
    }
    for (const each of containers) {
      const poured = found.pours.filter((pour) => pour.containerId === each.id);
      expect(poured.reduce((sum, pour) => sum + pour.massKg, 0)).toBeLessThanOrEqual(
        each.massKg + 1e-6,
      );
    }
  });

  test.each([false, true])(
    'with no time for packing there is still a plan (whole: %s)',
    (wholeOnly) => {
      const random = seededRandom(9);
      const containers = Array.from({ length: 60 }, (_, at) =>
        container(`c${at}`, 8 + 12 * random(), 16 + 3.5 * random()),
      );
      const tanks = [120, 120, 60].map((capacityKg, at) => ({ id: `t${at}`, capacityKg }));
      const one = task({ containers, tanks, wholeOnly });
      const found = bestBlend(one, solve, { limits: { ...limits, seconds: 0 } })!;
      expect(found.worthKg).toBeGreaterThan((wholeOnly ? 0.5 : 0.97) * found.boundKg);
      for (const tank of found.tanks) expect(tank.upperPercent).toBeLessThanOrEqual(18.001);
    },
  );

  test('the second best opens another set, and is never worth more', () => {
    const containers = [19, 18.7, 16.5, 16.8, 17].map((mean, at) => container(`c${at}`, 12, mean));
    const one = task({ containers, tanks: [{ id: 't0', capacityKg: 60 }] });
    const best = bestBlend(one, solve, { limits })!;
    const second = secondBlend(one, best, { solve, limits })!;
    expect([...second.opened].sort()).not.toEqual([...best.opened].sort());
    expect(second.worthKg).toBeLessThanOrEqual(best.worthKg + 1e-6);
  });

  test('on many containers the second best does without the one that counts least', () => {
    const random = seededRandom(11);
    const containers = Array.from({ length: 50 }, (_, at) =>
      container(`c${at}`, 8 + 12 * random(), 16 + 3.2 * random()),
    );
    const tanks = [120, 120].map((capacityKg, at) => ({ id: `t${at}`, capacityKg }));
    const one = task({ containers, tanks });
    const quick = { ...limits, seconds: 2 };
    const best = bestBlend(one, solve, { limits: quick })!;
    const second = secondBlend(one, best, { solve, limits: quick })!;
    expect([...second.opened].sort()).not.toEqual([...best.opened].sort());
    expect(second.worthKg).toBeLessThanOrEqual(best.boundKg + 1e-6);
    expect(second.worthKg).toBeGreaterThan(0.9 * best.worthKg);
  });

  test('where nothing can be saved, relaxing says what would', () => {
    const containers = [
      container('wet', 20, 19, { flow: 'clover' }),
      container('dry', 60, 16.5, { flow: 'beans' }),
    ];
    const one = task({ containers });
    const best = bestBlend(one, solve, { limits });
    expect(best).toBeNull();
    const found = relaxations(one, solve, { best, limitPercent: 20, limits });
    expect(found.map((each) => each.id)).toEqual(['target', 'flows']);
    expect(found[0]!.gainKg).toBeCloseTo(20, 1);
  });

  test('to fill, what counts is what stands in the tanks; room that is short is the limit that binds', () => {
    const containers = [container('a', 40, 16.5), container('b', 40, 16.8)];
    const one = task({ containers, aim: 'fill', tanks: [{ id: 't0', capacityKg: 50 }] });
    const best = bestBlend(one, solve, { limits });
    expect(best?.tanks[0]?.massKg).toBeCloseTo(50, 3);
    expect(best).toMatchObject({ savedKg: 0, leftKg: 0 });
    const [most, ...rest] = relaxations(one, solve, { best, limitPercent: 20, limits });
    expect(most?.id).toBe('capacity');
    expect(most?.gainKg).toBeCloseTo(30, 1);
    expect(rest).toEqual([]);
  });

  test('what is left is the wet honey that found no place', () => {
    const containers = [container('wet', 50, 20), container('dry', 30, 16.5)];
    const best = bestBlend(task({ containers }), solve, { limits })!;
    expect(best.savedKg).toBeGreaterThan(5);
    expect(best.savedKg + best.leftKg).toBeCloseTo(50, 6);
    expect(best.boundKg).toBeGreaterThanOrEqual(best.worthKg);
  });

  test('nothing usable, or no tank, is no plan', () => {
    expect(bestBlend(task({}), solve, { limits })).toBeNull();
    const containers = [container('a', 10, 17, { barredBecause: 'blocked' })];
    expect(bestBlend(task({ containers }), solve, { limits })).toBeNull();
    expect(bestBlend(task({ containers, tanks: [] }), solve, { limits })).toBeNull();
  });
});
