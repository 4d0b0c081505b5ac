import {
  groupsOf,
  passedBy,
  sharedCut,
  sizesOf,
  tangentCut,
  usageModel,
  usedName,
  type GroupRoom,
  type GuardCut,
  type TankSize,
} from './blendModel';
import { usableOf, worthOf, type BlendTask } from './blendTask';
import {
  GUARD_TOLERANCE_PERCENT,
  LEAST_POUR_KG,
  MOST_ROUNDS,
  valueOf,
  type ProgrammeSolver,
  type Seconds,
} from './programme';

/** What a group's tanks hold together. */
interface GroupUsage {
  /** of each usable container, 0 of those that are not of the group */
  readonly massesKg: readonly number[];
  readonly worthKg: number;
  readonly boundKg: number;
}

/** How much of each container is used, and which tanks each group has. */
export interface Usage {
  readonly groups: readonly {
    readonly massesKg: readonly number[];
    readonly tanks: readonly number[];
  }[];
  readonly boundKg: number;
}

interface Search {
  readonly solve: ProgrammeSolver;
  readonly left: Seconds;
}

function worthOfUsage(task: BlendTask, massesKg: readonly number[]): number {
  return usableOf(task).reduce((all, blendContainer, at) => {
    const massKg = massesKg[at]!;
    return massKg < LEAST_POUR_KG
      ? all
      : all + massKg * worthOf(blendContainer, task) - task.openingWorthKg;
  }, 0);
}

/**
 * The best usage of one group by Kelley's cutting planes; where time is up, the last one, which may
 * pass its guard band a little and is mended when it is packed.
 */
function groupUsage(
  task: BlendTask,
  room: GroupRoom & { readonly atMostKg: number },
  { solve, left }: Search,
): GroupUsage {
  const containers = usableOf(task);
  const cuts: GuardCut[] = [sharedCut(containers, task)];
  const own = new Set(room.members);
  const nothing = containers.map(() => 0);
  let usage: GroupUsage = { massesKg: nothing, worthKg: 0, boundKg: room.atMostKg };
  for (let round = 0; round < MOST_ROUNDS && left() > 0; round += 1) {
    const solution = solve(usageModel(task, room, cuts), { seconds: left(), gapShare: 0 });
    if (solution.status === 'infeasible') return round === 0 ? { ...usage, boundKg: 0 } : usage;
    const massesKg = containers.map((_, at) => (own.has(at) ? valueOf(solution, usedName(at)) : 0));
    const worthKg = worthOfUsage(task, massesKg);
    usage = {
      massesKg,
      worthKg,
      boundKg: Math.min(usage.boundKg, Math.max(worthKg, solution.boundKg)),
    };
    const cut = tangentCut(containers, task, massesKg);
    if (passedBy(cut, massesKg) <= GUARD_TOLERANCE_PERCENT) break;
    cuts.push(cut);
  }
  return usage;
}

/** All ways to take some tanks of each size. */
function waysToTake(sizes: readonly TankSize[]): number[][] {
  return sizes.reduce<number[][]>(
    (ways, { tanks }) =>
      ways.flatMap((way) =>
        Array.from({ length: tanks.length + 1 }, (_, count) => [...way, count]),
      ),
    [[]],
  );
}

/** Usage of one group for every way to take tanks; more room than it needs gives the same again. */
function usagesOf(
  task: BlendTask,
  members: readonly number[],
  search: Search,
): Map<string, GroupUsage> {
  const sizes = sizesOf(task);
  const capacityOf = (way: readonly number[]): number =>
    way.reduce((all, count, size) => all + count * sizes[size]!.capacityKg, 0);
  const byCapacity = waysToTake(sizes).sort((a, b) => capacityOf(b) - capacityOf(a));
  const usages = new Map<string, GroupUsage>();
  const worthAll = members.reduce((all, at) => {
    const one = usableOf(task)[at]!;
    return all + Math.max(0, one.massKg * worthOf(one, task));
  }, 0);
  let wider: GroupUsage | null = null;
  for (const way of byCapacity) {
    const capacityKg = capacityOf(way);
    const used: number = wider?.massesKg.reduce((all, mass) => all + mass, 0) ?? Infinity;
    const usage: GroupUsage =
      wider && used <= capacityKg
        ? wider
        : groupUsage(
            task,
            { members, capacityKg, atMostKg: Math.min(capacityKg, wider?.boundKg ?? worthAll) },
            search,
          );
    usages.set(way.join(), usage);
    wider = usage;
  }
  return usages;
}

/** A share of the tanks for each group so far, with what it is worth. */
interface Shared {
  readonly ways: readonly (readonly number[])[];
  readonly worthKg: number;
}

/** The best way to share the tanks out among the groups, by dynamic programming. */
function shareOut(
  task: BlendTask,
  usages: readonly Map<string, GroupUsage>[],
  worth: (usage: GroupUsage) => number,
): Shared {
  const sizes = sizesOf(task);
  const all = waysToTake(sizes);
  const none = sizes.map(() => 0).join();
  let best = new Map<string, Shared>([[none, { ways: [], worthKg: 0 }]]);
  for (const byWay of usages) {
    const next = new Map<string, Shared>();
    for (const [takenKey, before] of best) {
      const taken = takenKey.split(',').map(Number);
      for (const way of all) {
        const sum = way.map((count, size) => count + taken[size]!);
        if (sum.some((count, size) => count > sizes[size]!.tanks.length)) continue;
        const worthKg = before.worthKg + worth(byWay.get(way.join())!);
        if (worthKg > (next.get(sum.join())?.worthKg ?? -Infinity)) {
          next.set(sum.join(), { ways: [...before.ways, way], worthKg });
        }
      }
    }
    best = next;
  }
  return [...best.values()].reduce((a, b) => (b.worthKg > a.worthKg ? b : a));
}

/**
 * The best usage with the tanks of each group. Groups touch one another only through the tanks, so
 * that each is solved for every share of them.
 */
export function bestUsage(task: BlendTask, search: Search): Usage {
  const usages = groupsOf(task).map((members) => usagesOf(task, members, search));
  const best = shareOut(task, usages, (usage) => usage.worthKg);
  const free = sizesOf(task).map((size) => [...size.tanks]);
  return {
    boundKg: shareOut(task, usages, (usage) => usage.boundKg).worthKg,
    groups: best.ways.map((way, group) => ({
      massesKg: usages[group]!.get(way.join())!.massesKg,
      tanks: way.flatMap((count, size) => free[size]!.splice(0, count)),
    })),
  };
}
