import { requireInRange } from '../errors';
import { DRYING_RATES } from '../drying/rates';
import { slotsOf, type BatchSlot } from './batch';
import {
  isIn,
  loadState,
  meetKnownAir,
  openDoor,
  startOf,
  stir,
  surroundingsAt,
  tell,
  type Course,
} from './dryingCourse';
import { meanRatio } from './dryingMoment';
import { breaksOf, type DryingResult, type DryingRun } from './dryingRun';
import { dryingStep, noTotals, stepWork, type RoomTotals, type StepWork } from './dryingStep';
import { AIR_RATIO, AIR_TEMPERATURE, dryingSystem, type DryingSystem } from './dryingSystem';
import { dryAirKg } from './room';

const FIRST_STEP_DAYS = 0.02;
const LONGEST_STEP_DAYS = 0.125;
const SHORTEST_STEP_DAYS = 1e-9;

/** Layers of a comb where the run does not say. */
const USUAL_NODES = 12;

const TOTALS = Object.keys(noTotals()) as (keyof RoomTotals)[];

/** A stretch of a run between two breaks. */
interface Stretch {
  readonly course: Course;
  readonly system: DryingSystem;
  readonly slots: readonly BatchSlot[];
  readonly state: Float64Array;
  readonly work: StepWork;
}

/** Tells of the times that an accepted step passed, straight between its ends; the stages are done with. */
function tellPassed({ course, slots, state, work }: Stretch, day: number, days: number): void {
  const { tellDays } = course.run;
  const between = work.first;
  for (;;) {
    const at = tellDays[course.told];
    if (at === undefined || at > day + days + 1e-12) return;
    const part = Math.min(1, Math.max(0, (at - day) / days));
    for (let node = 0; node < state.length; node += 1) {
      between[node] = state[node]! + part * (work.next[node]! - state[node]!);
    }
    const totals = noTotals();
    for (const name of TOTALS) totals[name] = course.totals[name] + part * work.totals[name];
    tell(course, slots, between, { day: at, totals });
  }
}

function accept({ course, state, work }: Stretch): void {
  state.set(work.next);
  for (const name of TOTALS) {
    course.totals[name] += work.totals[name];
    if (name === 'removed' || name === 'leaked') course.moved += Math.abs(work.totals[name]);
  }
}

/** Steps through a stretch, as long as the error of each step allows. */
function runStretch(stretch: Stretch, from: number, to: number): void {
  const { course, system, state, work } = stretch;
  const finer = course.run.finer ?? 1;
  let day = from;
  let days = Math.min(FIRST_STEP_DAYS, to - from);
  while (day < to) {
    const error = finer * dryingStep(system, state, { day, days }, work);
    const good = error <= 1;
    const factor = Math.min(4, Math.max(0.2, 0.85 / Math.sqrt(Math.max(error, 1e-6))));
    if (good || days <= SHORTEST_STEP_DAYS) {
      course.steps += 1;
      tellPassed(stretch, day, days);
      accept(stretch);
      day = to - day - days < SHORTEST_STEP_DAYS ? to : day + days;
    }
    const wanted = Number.isFinite(factor) ? days * factor : days / 4;
    days = Math.min(Math.max(wanted, SHORTEST_STEP_DAYS), LONGEST_STEP_DAYS, to - day);
  }
}

const waterOf = (slots: readonly BatchSlot[], state: Float64Array): number =>
  slots
    .flatMap((one) => one.parts)
    .reduce((sum, one) => sum + one.areaM2 * one.layers.totalDryKgPerM2 * meanRatio(one, state), 0);

/** Keeps the state of air and batches for the next stretch. */
function keep({ course, slots, state }: Stretch): void {
  course.air.temperatureC = state[AIR_TEMPERATURE]!;
  course.air.ratio = state[AIR_RATIO]!;
  for (const slot of slots) {
    const first = slot.parts[0]!.offset;
    const last = slot.parts[slot.parts.length - 1]!;
    const water = state.slice(first, last.offset + last.nodes);
    course.kept.set(slot.batch.id, { honeyC: state[slot.temperatureAt]!, water });
  }
}

function goThrough(course: Course, from: number, to: number): void {
  const { run } = course;
  openDoor(course, from);
  const { layers } = course;
  const options = { rates: run.rates ?? DRYING_RATES, nodes: run.nodes ?? USUAL_NODES, layers };
  const { slots, length } = slotsOf(
    run.batches.filter((one) => isIn(one, from)),
    options,
    AIR_RATIO + 1,
  );
  const surroundings = surroundingsAt(course, from);
  meetKnownAir(course, surroundings, from);
  const state = loadState(course, slots, length);
  stir(slots, state, from);
  const system = dryingSystem(surroundings, slots);
  const stretch = { course, system, slots, state, work: stepWork(length) };
  if (course.told === 0 && run.tellDays[0] === from) {
    tell(course, slots, state, { day: from, totals: { ...course.totals } });
  }
  const [airBefore, waterBefore] = [state[AIR_RATIO]!, waterOf(slots, state)];
  runStretch(stretch, from, to);
  keep(stretch);
  const evaporated = waterBefore - waterOf(slots, state);
  course.moved += Math.abs(evaporated);
  if (surroundings.kind === 'room') {
    const dry = dryAirKg(surroundings.room);
    course.unaccounted += evaporated - dry * (state[AIR_RATIO]! - airBefore);
  }
}

/**
 * How honey dries, or takes water up, over a stretch of time: diffusion in the honey, evaporation at
 * its surface, temperatures of honey and air apart, and the balance of heat and water of the room.
 * Batches come and go; measured air replaces the balance as far as it reaches.
 *
 * @param run - times ascending
 * @returns what there is to tell at each time asked for
 * @throws DomainError `out-of-range`, `empty`
 * @accuracy 0.02 % moisture against ten times finer steps and layers; water balance within 0.1 %
 * @source handbook section 5; rates fitted to practice, not measured
 */
export function simulateDrying(run: DryingRun): DryingResult {
  const course = startOf(run);
  requireInRange(course.end, [0, 400], { fn: 'simulateDrying', param: 'tellDays', unit: 'd' });
  const breaks = breaksOf(run, course.end);
  breaks.slice(1).forEach((to, at) => goThrough(course, breaks[at]!, to));
  const { totals, moved } = course;
  const left = course.unaccounted + totals.leaked - totals.removed - totals.condensed;
  return { moments: course.moments, steps: course.steps, imbalance: moved > 0 ? left / moved : 0 };
}
