import { requireInRange, requireFinite } from '../../errors';
import { LONGEST_DRYING_DAYS } from '../../time/datedDays';
import { DRYING_RATES } from '../../drying/rates';
import { slotsOf, type BatchSlot } from './batch';
import {
  isIn,
  loadState,
  startFromKnownAir,
  openDoor,
  startOf,
  stir,
  surroundingsAt,
  tell,
  type Course,
} from './dryingCourse';
import { meanRatio } from './dryingMoment';
import { requireRun } from '../requireRun';
import { breaksOf, type DryingResult, type DryingRun } from '../dryingRun';
import { dryingStep, noTotals, stepWork, type RoomTotals, type StepWork } from './dryingStep';
import { AIR_RATIO, AIR_TEMPERATURE, dryingSystem, type DryingSystem } from './dryingSystem';
import { dryAirKg } from '../room';

const FIRST_STEP_DAYS = 0.02;
const LONGEST_STEP_DAYS = 0.125;
const SHORTEST_STEP_DAYS = 1e-9;

/** Steps after which a run cannot be computed: far more than any room asks for. */
const MOST_TRIES = 50_000;

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

/** Tells of a time to tell of, once it is reached. */
function tellReached({ course, slots, state }: Stretch, day: number): void {
  const next = course.run.reportDays[course.reported];
  if (next === undefined || next > day + SHORTEST_STEP_DAYS) return;
  tell(course, slots, state, { day: next, totals: { ...course.totals } });
}

function accept({ course, state, work }: Stretch): void {
  state.set(work.next);
  for (const name of TOTALS) {
    course.totals[name] += work.totals[name];
    if (name === 'removed' || name === 'leaked') course.moved += Math.abs(work.totals[name]);
  }
}

/** Steps through a stretch, as long as the error of each step allows; times to tell of are met. */
function runStretch(stretch: Stretch, from: number, to: number): void {
  const { course, system, state, work } = stretch;
  const finer = course.run.finer ?? 1;
  let day = from;
  let wanted = FIRST_STEP_DAYS;
  let tries = 0;
  while (day < to) {
    tries += 1;
    requireInRange(tries, [0, MOST_TRIES], { fn: 'simulateDrying', param: 'steps', unit: '1' });
    const goal = Math.min(to, course.run.reportDays[course.reported] ?? to);
    const days = Math.min(wanted, LONGEST_STEP_DAYS, Math.max(goal - day, SHORTEST_STEP_DAYS));
    const error = finer * dryingStep(system, state, { day, days }, work);
    if (error <= 1 || days <= SHORTEST_STEP_DAYS) {
      course.steps += 1;
      accept(stretch);
      day = goal - day - days < SHORTEST_STEP_DAYS ? goal : day + days;
      tellReached(stretch, day);
    }
    const factor = Math.min(4, Math.max(0.2, 0.85 / Math.sqrt(Math.max(error, 1e-6))));
    // A step cut short by a time to tell of says little of how long the next may be.
    const short = error <= 1 && days < wanted;
    wanted = Number.isFinite(factor) ? Math.max(short ? wanted : 0, days * factor) : days / 4;
    wanted = Math.max(wanted, SHORTEST_STEP_DAYS);
  }
}

const waterOf = (slots: readonly BatchSlot[], state: Float64Array): number =>
  slots
    .flatMap((slot) => slot.parts)
    .reduce(
      (sum, partSlot) =>
        sum + partSlot.areaM2 * partSlot.layers.totalDryKgPerM2 * meanRatio(partSlot, state),
      0,
    );

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
    run.batches.filter((batch) => isIn(batch, from)),
    options,
    AIR_RATIO + 1,
  );
  const surroundings = surroundingsAt(course, from);
  startFromKnownAir(course, surroundings, from);
  const state = loadState(course, slots, length);
  stir(slots, state, from);
  const system = dryingSystem(surroundings, slots);
  const stretch = { course, system, slots, state, work: stepWork(length) };
  if (course.reported === 0 && run.reportDays[0] === from) {
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
 * @accuracy 0.03 % moisture with 12 layers, 0.05 % with 8, against far finer ones; water balance within 0.1 %
 * @source diffusion behind an air film, constant volume of dry matter; rates fitted to practice, not measured
 */
export function simulateDrying(run: DryingRun): DryingResult {
  requireFinite({ run }, 'simulateDrying');
  requireRun(run);
  const course = startOf(run);
  const place = { fn: 'simulateDrying', param: 'reportDays', unit: 'd' };
  requireInRange(course.end, [0, LONGEST_DRYING_DAYS], place);
  const breaks = breaksOf(run, course.end);
  breaks.slice(1).forEach((to, at) => goThrough(course, breaks[at]!, to));
  const { totals, moved } = course;
  const left = course.unaccounted + totals.leaked - totals.removed - totals.condensed;
  return { moments: course.moments, steps: course.steps, imbalance: moved > 0 ? left / moved : 0 };
}
