import { GUARD_FACTOR } from '../conformity/conformity';
import { groupBy } from '../lists/groupBy';
import {
  groupOf,
  sharedKg,
  usableOf,
  worthOf,
  type BlendContainer,
  type BlendTask,
} from './blendTask';

/** A linear limit on the masses that stands for a guard band: coefficient of each container [%]. */
export type GuardCut = readonly number[];

/** Set of opened containers that is not to come again, by index among the usable ones. */
export type OpenedSet = ReadonlySet<number>;

/** Kg of a container that are used, in all or in one tank. */
export const usedName = (container: number): string => `x${container}`;
export const pouredName = (container: number, tank: number): string => `x${container}_${tank}`;
export const openedName = (container: number): string => `z${container}`;
export const wholeName = (container: number, tank: number): string => `y${container}_${tank}`;
export const groupName = (tank: number, group: number): string => `f${tank}_${group}`;

export type Term = readonly [number, string];

export const number = (value: number): string => value.toPrecision(12);

/** Terms as the LP format wants them, several a line. */
export function sum(terms: readonly Term[]): string {
  const lines: string[] = [];
  for (let at = 0; at < terms.length; at += 8) {
    const part = terms.slice(at, at + 8).map(([coefficient, name]) => {
      return `${coefficient < 0 ? '-' : '+'} ${number(Math.abs(coefficient))} ${name}`;
    });
    lines.push(part.join(' '));
  }
  return lines.join('\n ');
}

interface Programme {
  readonly objective: readonly Term[];
  readonly rows: readonly string[];
  readonly binaries: readonly string[];
}

export function programme({ objective, rows, binaries }: Programme): string {
  const named = rows.map((row, at) => `r${at}: ${row}`).join('\n ');
  const binary = binaries.length === 0 ? '' : `Binary\n ${binaries.join('\n ')}\n`;
  return `Maximize\n obj: ${sum(objective)}\nSubject To\n ${named}\n${binary}End\n`;
}

/** What holds of every mixture: the doubt that readings share, without any of their own. */
export function sharedCut(containers: readonly BlendContainer[], task: BlendTask): GuardCut {
  const shared = GUARD_FACTOR * task.systematicPercent - task.targetPercent;
  return containers.map((container) => container.meanPercent + shared);
}

/** Tangent of the true guard band at some masses: never more than the true one, equal there. */
export function tangentCut(
  containers: readonly BlendContainer[],
  task: BlendTask,
  massesKg: readonly number[],
): GuardCut {
  const { systematicPercent, targetPercent } = task;
  const total = massesKg.reduce((all, mass) => all + mass, 0);
  const own = containers.map((container, at) => massesKg[at]! * container.randomPercent);
  const together = sharedKg(
    containers.map((container, at) => ({ container, massKg: massesKg[at]! })),
  );
  const norm = Math.hypot(...own, ...together.values(), systematicPercent * total);
  return containers.map((container, at) => {
    const shared = container.shared
      ? container.shared.percent * (together.get(container.shared.id) ?? 0)
      : 0;
    const slope =
      norm === 0
        ? systematicPercent
        : (massesKg[at]! * container.randomPercent ** 2 + shared + systematicPercent ** 2 * total) /
          norm;
    return container.meanPercent - targetPercent + GUARD_FACTOR * slope;
  });
}

/** By how much masses pass a limit, as moisture [%]; 0 for no mass. */
export function passedBy(cut: GuardCut, massesKg: readonly number[]): number {
  const total = massesKg.reduce((all, mass) => all + mass, 0);
  const passed = cut.reduce((all, value, at) => all + value * massesKg[at]!, 0);
  return total === 0 ? 0 : passed / total;
}

/** Tanks of one size, by their places. */
export interface TankSize {
  readonly capacityKg: number;
  readonly tanks: readonly number[];
}

/** Sizes of the tanks; those of one size are alike. */
export function sizesOf({ tanks }: BlendTask): TankSize[] {
  const sizes = [...new Set(tanks.map((tank) => tank.capacityKg))];
  return sizes.map((capacityKg) => ({
    capacityKg,
    tanks: tanks.flatMap((tank, at) => (tank.capacityKg === capacityKg ? [at] : [])),
  }));
}

/** Groups of containers that may share a tank, with their places among the usable ones. */
export function groupsOf(task: BlendTask): number[][] {
  const usable = usableOf(task);
  const places = usable.map((_, at) => at);
  return [...groupBy(places, (at) => groupOf(usable[at]!, task)).values()];
}

export function notAgain(places: readonly number[], sets: readonly OpenedSet[]): string[] {
  return sets.map((opened) => {
    const terms = places.map((at): Term => [opened.has(at) ? -1 : 1, openedName(at)]);
    const come = places.filter((at) => opened.has(at)).length;
    return `${sum(terms)} >= ${1 - come}`;
  });
}

export const openingTerms = (task: BlendTask, places: readonly number[]): Term[] =>
  places.map((at) => [-task.openingWorthKg - 1e-6, openedName(at)]);

/** A group of containers with the room that its tanks have. */
export interface GroupRoom {
  /** places among the usable containers */
  readonly members: readonly number[];
  readonly capacityKg: number;
}

/**
 * How much of which container of a group is used, as a linear programme in the LP format of CPLEX.
 *
 * Tanks of one group need not be told apart here: what they hold together can be poured in the same
 * proportion into each, and no other way to fill them is better, since the guard band is sublinear.
 * Opening costs by the kg, less than the true cost of a container that is used in part, so that no
 * plan is worth more.
 *
 * @param cuts - limits that stand for the guard band
 */
export function usageModel(task: BlendTask, room: GroupRoom, cuts: readonly GuardCut[]): string {
  const containers = usableOf(task);
  const { members, capacityKg } = room;
  const used = members.map((at): Term => [1, usedName(at)]);
  return programme({
    objective: members.map((at): Term => {
      const one = containers[at]!;
      return [worthOf(one, task) - (task.openingWorthKg + 1e-6) / one.massKg, usedName(at)];
    }),
    rows: [
      ...members.map((at) => `${usedName(at)} <= ${number(containers[at]!.massKg)}`),
      `${sum(used)} <= ${number(capacityKg)}`,
      ...cuts.map((cut) => `${sum(members.map((at): Term => [cut[at]!, usedName(at)]))} <= 0`),
    ],
    binaries: [],
  });
}
