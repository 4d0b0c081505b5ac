import { describe, expect, test } from '@jest/globals';
import jstat from 'jstat';
import { humidityRatio } from '../../drying/moistAir';
import { DRYING_RATES } from '../../drying/rates';
import { OUTSIDE, ROOM, boxes } from '../../test/dryingRuns';
import { slotsOf } from './batch';
import { dryingSystem, evaluate, linearise, type DryingSystem } from './dryingSystem';
import { dryingStep, stepWork } from './dryingStep';
import { solveStage } from './solveStage';

/** A room with two batches in the middle of things, and its state; drier towards the surface by so much a layer. */
function middleOfThings(drier = 0.04): { system: DryingSystem; state: Float64Array } {
  const batches = [boxes(10), boxes(4, { id: 'b', airFactor: 0.4 })];
  const options = { rates: DRYING_RATES, nodes: 5, layers: new Map() };
  const { slots, length } = slotsOf(batches, options, 2);
  const system = dryingSystem({ kind: 'room', room: ROOM, outside: OUTSIDE }, slots);
  const state = new Float64Array(length);
  state[0] = 32.4;
  state[1] = humidityRatio(32.4, 0.36);
  for (const { temperatureAt, parts } of slots) {
    state[temperatureAt] = 27 + temperatureAt / 10;
    for (const { offset, nodes, startRatio } of parts) {
      for (let at = 0; at < nodes; at += 1) state[offset + at] = startRatio * (1 - drier * at);
    }
  }
  return { system, state };
}

/** Jacobian of the rates by central differences, dense. */
function denseJacobian(system: DryingSystem, state: Float64Array): number[][] {
  const rates = (of: Float64Array): Float64Array => {
    const out = new Float64Array(of.length);
    evaluate(system, 0.6, of, out);
    return out;
  };
  const columns = Array.from(state, (value, at) => {
    const step = Math.max(1e-7, Math.abs(value) * 1e-6);
    const [low, high] = [-step, step].map((by) => {
      const moved = state.slice();
      moved[at] = value + by;
      return rates(moved);
    });
    return Array.from(state, (_, row) => (high![row]! - low![row]!) / (2 * step));
  });
  return Array.from(state, (_, row) => columns.map((column) => column[row]!));
}

describe('the arrow-shaped solver', () => {
  test.each([1e-4, 5e-3, 0.05])(
    'solves what a dense solver solves with a Jacobian by differences, step %d',
    (tau) => {
      // Flat, since the solver's Jacobian leaves out how diffusion changes with temperature.
      const { system, state } = middleOfThings(0);
      const jacobian = denseJacobian(system, state);
      const right = new Float64Array(state.length);
      evaluate(system, 0.6, state, right);
      linearise(system, state, tau);
      const found = new Float64Array(state.length);
      solveStage(system, right, { tau, known: null }, found);
      const matrix = jacobian.map((row, at) =>
        row.map((value, column) => (at === column ? 1 : 0) - tau * value),
      );
      const inverse = jstat.jStat.inv(matrix);
      inverse.forEach((row, at) => {
        const expected = row.reduce((sum, value, column) => sum + value * right[column]!, 0);
        const scale = Math.max(Math.abs(expected), 1e-3);
        expect(Math.abs(found[at]! - expected) / scale).toBeLessThan(0.03);
      });
    },
  );

  test('where the air is known, its slopes are taken as they are', () => {
    const { system, state } = middleOfThings();
    const right = new Float64Array(state.length);
    evaluate(system, 0.6, state, right);
    linearise(system, state, 0.01);
    const found = new Float64Array(state.length);
    solveStage(system, right, { tau: 0.01, known: [2.5, -0.001] }, found);
    expect([found[0], found[1]]).toEqual([2.5, -0.001]);
    expect(found.every((value) => Number.isFinite(value))).toBe(true);
  });
});

describe('a step', () => {
  /** State after so many equal steps of a tenth of a day in all. */
  function after(steps: number): Float64Array {
    const { system, state } = middleOfThings();
    const work = stepWork(state.length);
    const days = 0.02 / steps;
    for (let at = 0; at < steps; at += 1) {
      dryingStep(system, state, { day: 0.6 + at * days, days }, work);
      state.set(work.next);
    }
    return state;
  }

  test('is of second order: halving it quarters the error', () => {
    const exact = after(512);
    const off = (steps: number): number =>
      Math.max(...after(steps).map((step, at) => (at < 2 ? 0 : Math.abs(step - exact[at]!))));
    const [coarse, fine] = [off(16), off(32)];
    expect(coarse / fine).toBeGreaterThan(3);
    expect(coarse / fine).toBeLessThan(6);
  });

  test('its estimate is above one where the step is far too long', () => {
    const { system, state } = middleOfThings();
    const work = stepWork(state.length);
    expect(dryingStep(system, state, { day: 0, days: 1 }, work)).toBeGreaterThan(1);
    expect(dryingStep(system, state, { day: 0, days: 1e-5 }, work)).toBeLessThan(1);
  });
});
