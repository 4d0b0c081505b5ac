import { airAt, type AirState } from '../airOverTime';
import { AIR_RATIO, AIR_TEMPERATURE, evaluate, linearise, type DryingSystem } from './dryingSystem';
import type { RoomFlows } from '../room';
import { solveStage } from './solveStage';

/** Diagonal coefficient of the two stages: L-stable. @source Verwer, Spee, Blom & Hundsdorfer (1999), ROS2, recalled from memory */
const GAMMA = 1 - Math.SQRT1_2;

/** What the room took and gave since the start. */
export interface RoomTotals {
  /** by the machine [kg] */
  removed: number;
  /** in from outside, negative where it left [kg] */
  leaked: number;
  /** on cold surfaces [kg] */
  condensed: number;
  /** electricity of heater and machine [J] */
  heater: number;
  machine: number;
}

const TOTALS = ['removed', 'leaked', 'condensed', 'heater', 'machine'] as const;

export const noTotals = (): RoomTotals => ({
  removed: 0,
  leaked: 0,
  condensed: 0,
  heater: 0,
  machine: 0,
});

/** What may be off in a step of a value: air and honey [K], ratio of the air, water ratios inside and at the surface. */
const TOLERANCE = { air: 0.3, honey: 0.5, ratio: 2e-4, water: 3e-3, surface: 3e-2 } as const;

/** Room for the stages of a step. */
export interface StepWork {
  readonly rates: Float64Array;
  readonly first: Float64Array;
  readonly second: Float64Array;
  readonly next: Float64Array;
  readonly totals: RoomTotals;
  readonly stage: RoomTotals;
  /** known air at both ends of the step */
  readonly before: AirState;
  readonly after: AirState;
}

export function stepWork(length: number): StepWork {
  const fresh = (): Float64Array => new Float64Array(length);
  return {
    rates: fresh(),
    first: fresh(),
    second: fresh(),
    next: fresh(),
    totals: noTotals(),
    stage: noTotals(),
    before: { temperatureC: 0, ratio: 0 },
    after: { temperatureC: 0, ratio: 0 },
  };
}

/** Where a step begins and how long it is [d]. */
interface Stretch {
  readonly day: number;
  readonly days: number;
}

/** How fast known air changes over a step; null where the room has its own balance. */
function knownSlopes(
  system: DryingSystem,
  { day, days }: Stretch,
  { before, after }: StepWork,
): [number, number] | null {
  if (system.surroundings.kind === 'room') return null;
  airAt(system.surroundings.air, day, before);
  airAt(system.surroundings.air, day + days, after);
  return [(after.temperatureC - before.temperatureC) / days, (after.ratio - before.ratio) / days];
}

/** Adds what a stage finds of the room's flows to the totals of the step. */
function addTotals(system: DryingSystem, slopes: Float64Array, tau: number, work: RoomTotals) {
  const { byTemperature, byRatio } = system.slopes;
  const [air, ratio] = [slopes[AIR_TEMPERATURE]!, slopes[AIR_RATIO]!];
  const linear = (name: keyof RoomFlows): number =>
    system.flows[name] + tau * (byTemperature[name] * air + byRatio[name] * ratio);
  for (const name of TOTALS) work[name] = linear(name);
}

/** The largest estimated error by its tolerance [1]. */
function errorOf(system: DryingSystem, { first, second }: StepWork, days: number): number {
  const half = days / 2;
  const off = (at: number, tolerance: number): number =>
    (half * Math.abs(first[at]! + second[at]!)) / tolerance;
  let worst = Math.max(off(AIR_TEMPERATURE, TOLERANCE.air), off(AIR_RATIO, TOLERANCE.ratio));
  for (const { slot } of system.batches) {
    worst = Math.max(worst, off(slot.temperatureAt, TOLERANCE.honey));
    for (const { offset, nodes } of slot.parts) {
      let inside = 0;
      for (let node = offset; node < offset + nodes - 2; node += 1) {
        inside = Math.max(inside, Math.abs(first[node]! + second[node]!));
      }
      worst = Math.max(worst, (half * inside) / TOLERANCE.water);
      worst = Math.max(worst, off(offset + nodes - 1, TOLERANCE.surface));
    }
  }
  return worst;
}

/**
 * One step of the two-stage linearly implicit Runge-Kutta method ROS2: second order for any
 * approximation of the Jacobian, and L-stable, so that step size is a matter of accuracy. The new
 * state stands in `work.next`, the room's totals of the step in `work.totals`.
 *
 * @param stretch - the step
 * @returns estimated error by tolerance [1]: accept up to 1
 * @source Verwer, Spee, Blom & Hundsdorfer (1999), recalled from memory
 */
export function dryingStep(
  system: DryingSystem,
  state: Float64Array,
  stretch: Stretch,
  work: StepWork,
): number {
  const { day, days } = stretch;
  const tau = GAMMA * days;
  const { rates, first, second, next, totals, stage } = work;
  const known = knownSlopes(system, stretch, work);
  evaluate(system, day, state, rates);
  linearise(system, state, tau);
  solveStage(system, rates, { tau, known }, first);
  addTotals(system, first, tau, totals);
  for (let at = 0; at < state.length; at += 1) next[at] = state[at]! + days * first[at]!;
  evaluate(system, day + days, next, rates);
  for (let at = 0; at < state.length; at += 1) rates[at] = rates[at]! - 2 * first[at]!;
  const back: [number, number] | null = known && [-known[0], -known[1]];
  solveStage(system, rates, { tau, known: back }, second);
  addTotals(system, second, tau, stage);
  for (const name of TOTALS) {
    totals[name] = days * (1.5 * totals[name] + 0.5 * (stage[name] - 2 * totals[name]));
  }
  for (let at = 0; at < state.length; at += 1) {
    next[at] = state[at]! + days * (1.5 * first[at]! + 0.5 * second[at]!);
  }
  return errorOf(system, work, days);
}
