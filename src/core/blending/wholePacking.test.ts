import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../stats/seededRandom';
import { blendWorthKg, filledTanks, usableOf, type BlendTask, type Pour } from './blendTask';
import { greedyWhole } from './greedyWhole';
import { improvedWhole } from './improvedWhole';
import { evenPours } from './tankPours';

const HOUR = (): number => 3600;

function wholeTask(seed: number, containers: number, capacities: readonly number[]): BlendTask {
  const random = seededRandom(seed);
  return {
    containers: Array.from({ length: containers }, (_, at) => ({
      id: `c${at}`,
      massKg: 8 + 12 * random(),
      meanPercent: random() < 0.4 ? 18 + 2 * random() : 16 + 1.6 * random(),
      randomPercent: 0.1 + 0.2 * random(),
      flow: '',
      colour: '',
      barredBecause: null,
    })),
    tanks: capacities.map((capacityKg, at) => ({ id: `t${at}`, capacityKg })),
    targetPercent: 18,
    systematicPercent: 0.1,
    aim: 'save',
    mixFlows: true,
    mixColours: true,
    wholeOnly: true,
    openingWorthKg: 0.5,
  };
}

const places = (task: BlendTask): number[] => usableOf(task).map((_, at) => at);

function improvedOf(task: BlendTask, pours: readonly Pour[], left = HOUR): Pour[] {
  const tanks = task.tanks.map((_, at) => at);
  return improvedWhole(task, pours, { members: places(task), tanks, left });
}

function expectKept(task: BlendTask, pours: readonly Pour[]): void {
  const ids = pours.map((pour) => pour.containerId);
  expect(new Set(ids).size).toBe(ids.length);
  for (const { tankId, massKg, upperPercent } of filledTanks(task, pours)) {
    expect(upperPercent).toBeLessThanOrEqual(task.targetPercent + 1e-9);
    const { capacityKg } = task.tanks.find((tank) => tank.id === tankId)!;
    expect(massKg).toBeLessThanOrEqual(capacityKg + 1e-9);
  }
}

/** The most that any choice of whole containers in one tank is worth. */
function bestByTrying(task: BlendTask): number {
  let best = 0;
  for (let chosen = 0; chosen < 2 ** task.containers.length; chosen += 1) {
    const pours = task.containers
      .filter((_, at) => chosen & (1 << at))
      .map(({ id, massKg }) => ({ containerId: id, tankId: 't0', massKg }));
    const [tank] = filledTanks(task, pours);
    const isKept =
      !tank ||
      (tank.upperPercent <= task.targetPercent && tank.massKg <= task.tanks[0]!.capacityKg);
    if (isKept) best = Math.max(best, blendWorthKg(task, pours));
  }
  return best;
}

describe('whole containers packed without a solver', () => {
  test.each([1, 2, 3, 4, 5, 6])('exchanges keep every limit and never lose, seed %i', (seed) => {
    const task = wholeTask(seed, 60, [160, 160, 90]);
    const greedy = greedyWhole(task, places(task), [0, 1, 2]);
    const better = improvedOf(task, greedy);
    expectKept(task, greedy);
    expectKept(task, better);
    expect(blendWorthKg(task, better)).toBeGreaterThanOrEqual(blendWorthKg(task, greedy) - 1e-9);
  });

  test('of twelve containers in one tank, as good as trying all 4,096 ways, or nearly', () => {
    const shares = Array.from({ length: 20 }, (_, seed) => {
      const task = wholeTask(seed + 10, 12, [70]);
      const best = bestByTrying(task);
      const found = blendWorthKg(task, improvedOf(task, greedyWhole(task, places(task), [0])));
      expect(found).toBeLessThanOrEqual(best + 1e-9);
      return best === 0 ? 1 : found / best;
    });
    expect(shares.filter((share) => share > 1 - 1e-9).length).toBeGreaterThanOrEqual(14);
    expect(Math.min(...shares)).toBeGreaterThan(0.75);
  });

  test('with no time left the list stays as it was', () => {
    const task = wholeTask(3, 40, [160]);
    const greedy = greedyWhole(task, places(task), [0]);
    const key = (pours: readonly Pour[]): string[] => pours.map((pour) => pour.containerId).sort();
    expect(key(improvedOf(task, greedy, () => 0))).toEqual(key(greedy));
  });
});

describe('the same mixture in each tank', () => {
  test('has the moisture of the whole, in as many tanks as it needs', () => {
    const task = wholeTask(8, 12, [60, 40, 80]);
    const massesKg = task.containers.map((_, at) => (at < 8 ? 10 : 0));
    const pours = evenPours(task, massesKg, [0, 1, 2]);
    const tanks = filledTanks(task, pours);
    expect(tanks.map((tank) => tank.tankId)).toEqual(['t0', 't1']);
    const mean =
      task.containers.slice(0, 8).reduce((sum, container) => sum + container.meanPercent, 0) / 8;
    for (const { moisture } of tanks) expect(moisture.mean).toBeCloseTo(mean, 9);
    expect(tanks.reduce((sum, tank) => sum + tank.massKg, 0)).toBeCloseTo(80, 9);
    expect(tanks[0]!.massKg / tanks[1]!.massKg).toBeCloseTo(60 / 40, 9);
  });

  test('of nothing is nothing', () => {
    const task = wholeTask(8, 4, [60]);
    expect(evenPours(task, [0, 0, 0, 0], [0])).toEqual([]);
    expect(evenPours(task, [5, 0, 0, 0], [])).toEqual([]);
  });
});
