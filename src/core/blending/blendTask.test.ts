import { describe, expect, test } from '@jest/globals';
import { blendContainer, blendTask } from '../test/blends';
import {
  blendWorthKg,
  filledTanks,
  isTooWet,
  tankConforms,
  tankMoisture,
  worthOf,
  type BlendContainer,
  type BlendTask,
} from './blendTask';

const container = (id: string, change: Partial<BlendContainer> = {}) =>
  blendContainer(id, { randomPercent: 0.2, ...change });

const task = (change: Partial<BlendTask> = {}) =>
  blendTask({
    containers: [container('dry'), container('wet', { meanPercent: 19 })],
    tanks: ['t0', 't1'].map((id) => ({ id, capacityKg: 100 })),
    ...change,
  });

const tenOf = (own: BlendContainer) => ({ container: own, massKg: 10 });

describe('moisture of a tank, by hand', () => {
  test('water by mass; own doubts in quadrature, what all readings share once for all', () => {
    const parts = [
      tenOf(container('a')),
      { container: container('b', { meanPercent: 19 }), massKg: 30 },
    ];
    const { mean, standardUncertainty } = tankMoisture(parts, 0.1);
    expect(mean).toBeCloseTo((10 * 17 + 30 * 19) / 40, 12);
    // (10 · 0.2)² + (30 · 0.2)² = 4 + 36, over 40 kg: 0.1581; with the shared 0.1: 0.1871
    expect(standardUncertainty).toBeCloseTo(0.1871, 4);
  });

  test('a doubt that containers share does not average out; doubts of different lots do', () => {
    const of = (id: string, lot: string) => container(id, { shared: { id: lot, percent: 0.3 } });
    const alike = tankMoisture([tenOf(of('a', 'one')), tenOf(of('b', 'one'))], 0);
    const apart = tankMoisture([tenOf(of('a', 'one')), tenOf(of('b', 'two'))], 0);
    const own = (2 * (10 * 0.2) ** 2) / 400;
    expect(alike.standardUncertainty).toBeCloseTo(Math.sqrt(own + 0.3 ** 2), 9);
    expect(apart.standardUncertainty).toBeCloseTo(Math.sqrt(own + 0.3 ** 2 / 2), 9);
  });

  test('a tank conforms by the normal table: two standard uncertainties under the limit, 0.977', () => {
    const filled = { tankId: 't0', massKg: 40, upperPercent: 18 };
    const at = (mean: number) =>
      tankConforms({ ...filled, moisture: { mean, standardUncertainty: 0.25 } }, 18);
    expect(at(17.5)).toBeCloseTo(0.97725, 4);
    expect(at(18)).toBeCloseTo(0.5, 9);
    expect(at(18.25)).toBeCloseTo(0.15866, 4);
  });
});

describe('tanks as a list fills them', () => {
  test('each tank has what was poured into it, and no tank that stayed empty', () => {
    const pours = [
      { containerId: 'dry', tankId: 't0', massKg: 6 },
      { containerId: 'wet', tankId: 't0', massKg: 2 },
      { containerId: 'nobody', tankId: 't1', massKg: 4 },
    ];
    const [tank, ...rest] = filledTanks(task(), pours);
    expect(rest).toEqual([]);
    expect(tank).toMatchObject({ tankId: 't0', massKg: 8 });
    expect(tank!.moisture.mean).toBeCloseTo((6 * 17 + 2 * 19) / 8, 12);
    expect(tank!.upperPercent).toBeGreaterThan(
      tank!.moisture.mean + tank!.moisture.standardUncertainty,
    );
  });
});

describe('what a list is worth', () => {
  const pours = [
    { containerId: 'dry', tankId: 't0', massKg: 6 },
    { containerId: 'dry', tankId: 't1', massKg: 1 },
    { containerId: 'wet', tankId: 't0', massKg: 2 },
  ];

  test('to save: wet honey counts, dry honey costs a little, each container that is opened costs once', () => {
    expect(blendWorthKg(task(), pours)).toBeCloseTo(2 - 7 * 0.001 - 2 * 0.5, 9);
    expect(worthOf(container('dry'), task())).toBeLessThan(0);
  });

  test('to fill: every kilogram counts', () => {
    expect(blendWorthKg(task({ aim: 'fill' }), pours)).toBeCloseTo(9 - 2 * 0.5, 9);
    expect(worthOf(container('dry'), task({ aim: 'fill' }))).toBe(1);
  });

  test('too wet is what is over the target with all its doubts, the shared one too', () => {
    const near = container('near', { meanPercent: 17.5, randomPercent: 0.1 });
    expect(isTooWet(near, task())).toBe(false);
    expect(isTooWet({ ...near, shared: { id: 'lot', percent: 0.6 } }, task())).toBe(true);
    expect(isTooWet(near, task({ systematicPercent: 0.6 }))).toBe(true);
  });
});
