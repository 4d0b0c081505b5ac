import { GUARD_FACTOR } from '../conformity/conformity';
import { sharedKg, usableOf, worthOf, type BlendTask, type Pour } from './blendTask';
import type { Seconds } from './programme';

/** Whole containers together: what they bring into a tank, or take out of it. */
interface Lot {
  /** places among the usable containers */
  readonly places: readonly number[];
  readonly massKg: number;
  /** mass times moisture [kg·%] */
  readonly water: number;
  /** squares of mass times own doubt [kg²·%²] */
  readonly squares: number;
  /** doubt in common with others, by its id [kg·%] */
  readonly shared: ReadonlyMap<string, number>;
  readonly worthKg: number;
}

const NOTHING: Lot = { places: [], massKg: 0, water: 0, squares: 0, shared: new Map(), worthKg: 0 };

/** What two have in common with others, the second added or taken away. */
function sharedBy(
  a: ReadonlyMap<string, number>,
  b: ReadonlyMap<string, number>,
  sign: 1 | -1,
): ReadonlyMap<string, number> {
  if (b.size === 0) return a;
  const sums = new Map(a);
  for (const [id, kg] of b) sums.set(id, (sums.get(id) ?? 0) + sign * kg);
  return sums;
}

const together = (a: Lot, b: Lot): Lot => ({
  places: [...a.places, ...b.places],
  massKg: a.massKg + b.massKg,
  water: a.water + b.water,
  squares: a.squares + b.squares,
  shared: sharedBy(a.shared, b.shared, 1),
  worthKg: a.worthKg + b.worthKg,
});

/** Each lot by itself and each two of them. */
const upToTwo = (lots: readonly Lot[]): Lot[] => [
  ...lots,
  ...lots.flatMap((lot, at) => lots.slice(at + 1).map((other) => together(lot, other))),
];

function lotsOf(task: BlendTask, places: readonly number[]): Lot[] {
  const usable = usableOf(task);
  return places.map((at) => {
    const one = usable[at]!;
    return {
      places: [at],
      massKg: one.massKg,
      water: one.massKg * one.meanPercent,
      squares: (one.massKg * one.randomPercent) ** 2,
      shared: sharedKg([{ container: one, massKg: one.massKg }]),
      worthKg: one.massKg * worthOf(one, task) - task.openingWorthKg,
    };
  });
}

/** Whether a tank still fits and keeps to its target after an exchange. */
function allows(task: BlendTask, capacityKg: number, [held, out, into]: [Lot, Lot, Lot]): boolean {
  const massKg = held.massKg - out.massKg + into.massKg;
  if (massKg > capacityKg) return false;
  if (massKg < 1e-9) return true;
  const shared = sharedBy(sharedBy(held.shared, out.shared, -1), into.shared, 1);
  let squares = Math.max(0, held.squares - out.squares + into.squares);
  for (const value of shared.values()) squares += value ** 2;
  const mean = (held.water - out.water + into.water) / massKg;
  const standard = Math.hypot(Math.sqrt(squares) / massKg, task.systematicPercent);
  return mean + GUARD_FACTOR * standard <= task.targetPercent;
}

/** Least gain that counts [kg]. */
const LEAST_GAIN_KG = 1e-6;

interface Exchange {
  readonly out: Lot;
  readonly into: Lot;
}

/** The exchange that gains most in one tank; null where none gains. */
function bestExchange(
  task: BlendTask,
  capacityKg: number,
  { held, spare }: { readonly held: readonly Lot[]; readonly spare: readonly Lot[] },
): Exchange | null {
  const all = held.reduce(together, NOTHING);
  const choices = [NOTHING, ...upToTwo(spare)].sort((a, b) => b.worthKg - a.worthKg);
  let best: Exchange | null = null;
  let gainKg = LEAST_GAIN_KG;
  for (const out of [NOTHING, ...upToTwo(held)]) {
    for (const into of choices) {
      if (into.worthKg - out.worthKg <= gainKg) break;
      if (!allows(task, capacityKg, [all, out, into])) continue;
      best = { out, into };
      gainKg = into.worthKg - out.worthKg;
      break;
    }
  }
  return best;
}

/**
 * A pouring list of whole containers made better by exchanges: up to two containers of a tank for up
 * to two that stand by, as long as one gains and there is time.
 *
 * @param members - places among the usable containers that may be used
 * @param tanks - places of the tanks
 * @source local search by exchanges, the usual second step of packing; common practice, no source
 */
export function improvedWhole(
  task: BlendTask,
  pours: readonly Pour[],
  {
    members,
    tanks,
    left,
  }: { readonly members: readonly number[]; readonly tanks: readonly number[]; left: Seconds },
): Pour[] {
  const usable = usableOf(task);
  const heldIn = (tank: number): number[] =>
    members.filter((at) =>
      pours.some(
        (pour) => pour.containerId === usable[at]!.id && pour.tankId === task.tanks[tank]!.id,
      ),
    );
  const held = tanks.map(heldIn);
  const taken = new Set(held.flat());
  let spare = members.filter((at) => !taken.has(at));
  for (
    let without = 0, at = 0;
    without < tanks.length && left() > 0;
    at = (at + 1) % tanks.length
  ) {
    const lots = { held: lotsOf(task, held[at]!), spare: lotsOf(task, spare) };
    const exchange = bestExchange(task, task.tanks[tanks[at]!]!.capacityKg, lots);
    without = exchange ? 0 : without + 1;
    if (!exchange) continue;
    const { out, into } = exchange;
    held[at] = [...held[at]!.filter((value) => !out.places.includes(value)), ...into.places];
    spare = [...spare.filter((value) => !into.places.includes(value)), ...out.places];
  }
  return held.flatMap((places, at) =>
    places.map((place) => ({
      containerId: usable[place]!.id,
      tankId: task.tanks[tanks[at]!]!.id,
      massKg: usable[place]!.massKg,
    })),
  );
}
