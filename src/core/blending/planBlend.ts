import { groupsOf, type OpenedSet } from './blendModel';
import {
  blendWorthKg,
  filledTanks,
  isTooWet,
  usableOf,
  type BlendTask,
  type FilledTank,
  type Pour,
} from './blendTask';
import { greedyWhole } from './greedyWhole';
import { LEAST_POUR_KG, type BlendLimits, type ProgrammeSolver, type Seconds } from './programme';
import { exactPours, packedPours, type FoundPours } from './tankPours';
import { bestUsage } from './usage';

/** A plan with what it is worth. */
export interface BlendPlan {
  readonly pours: readonly Pour[];
  readonly tanks: readonly FilledTank[];
  readonly opened: readonly string[];
  /** too wet by itself, and in a tank now [kg] */
  readonly savedKg: number;
  /** too wet by itself, and still not in a tank [kg] */
  readonly leftKg: number;
  readonly worthKg: number;
  /** no plan is worth more [kg] */
  readonly boundKg: number;
}

function planOf(task: BlendTask, pours: readonly Pour[], boundKg: number): BlendPlan {
  const wet = usableOf(task).filter((one) => isTooWet(one, task));
  const wetIds = new Set(wet.map((one) => one.id));
  const savedKg = pours
    .filter((one) => wetIds.has(one.containerId))
    .reduce((all, one) => all + one.massKg, 0);
  const worthKg = blendWorthKg(task, pours);
  return {
    pours,
    tanks: filledTanks(task, pours),
    opened: [...new Set(pours.map((one) => one.containerId))],
    savedKg,
    leftKg: Math.max(0, wet.reduce((all, one) => all + one.massKg, 0) - savedKg),
    worthKg,
    boundKg: Math.max(worthKg, boundKg),
  };
}

/** Up to so many pairs of container and tank the best pouring list is looked for at one go. */
const AT_ONE_GO = 80;

const isSmallTask = (task: BlendTask): boolean =>
  usableOf(task).length * task.tanks.length <= AT_ONE_GO;

interface Search {
  readonly solve: ProgrammeSolver;
  readonly not: readonly OpenedSet[];
  /** seconds left until a share of the time is used */
  readonly until: (share: number) => Seconds;
}

/** First how much of which container is used and which tank takes which group, then into which tank. */
function inTwoSteps(task: BlendTask, { solve, until }: Search): FoundPours {
  const usage = bestUsage(task, { solve, left: until(0.7) });
  const members = groupsOf(task);
  const pours = usage.groups.flatMap(({ massesKg, tanks }, group) => {
    const used = massesKg.flatMap((one, at) => (one >= LEAST_POUR_KG ? [at] : []));
    if (tanks.length === 0 || used.length === 0) return [];
    // Parts may call on a few containers more; whole ones would be too many to look at.
    const containers = task.wholeOnly ? used : members[group]!;
    const choice = { containers, tanks, isOpen: false, not: [], used: new Set(used) };
    const packed = packedPours(task, choice, { massesKg, solve, left: until(1) });
    const greedy = task.wholeOnly ? greedyWhole(task, members[group]!, tanks) : [];
    return blendWorthKg(task, greedy) > blendWorthKg(task, packed) ? greedy : packed;
  });
  return { pours, boundKg: usage.boundKg };
}

function atOneGo(task: BlendTask, { solve, not, until }: Search): FoundPours | null {
  const containers = usableOf(task).map((_, at) => at);
  const tanks = task.tanks.map((_, at) => at);
  const choice = { containers, tanks, isOpen: true, not };
  return exactPours(task, choice, { solve, left: until(0.5) });
}

/**
 * The best plan, or null where nothing is worth pouring.
 *
 * Small tasks are solved at one go. Large ones in two steps: what tanks of one group hold together
 * could be poured into each in the same proportion, so that the first step finds the best worth there
 * is; the second splits few containers and costs a little. The worth that no plan passes stands
 * beside what was found.
 *
 * @param not - sets of opened containers that are not to come again
 * @throws what the solver throws
 * @source Kelley (1960), recalled from memory; conservation of water; JCGM 106:2012
 */
export function bestBlend(
  task: BlendTask,
  solve: ProgrammeSolver,
  { limits, not = [] }: { readonly limits: BlendLimits; readonly not?: readonly OpenedSet[] },
): BlendPlan | null {
  const usable = usableOf(task);
  if (usable.length === 0 || task.tanks.length === 0) return null;
  const startMs = limits.nowMs();
  const until =
    (share: number): Seconds =>
    () =>
      Math.max(0, (startMs - limits.nowMs()) / 1000 + limits.seconds * share);
  const search = { solve, not, until };
  const exact = isSmallTask(task) ? atOneGo(task, search) : null;
  // The two steps know nothing of sets that are not to come again.
  const found = exact ?? (not.length === 0 ? inTwoSteps(task, search) : null);
  return !found || found.pours.length === 0 || blendWorthKg(task, found.pours) <= 0
    ? null
    : planOf(task, found.pours, found.boundKg);
}

/**
 * The best plan that opens another set of containers than a plan does, or null where there is none.
 *
 * Small tasks: proven. Large ones: the container that counts least in the plan is left out.
 *
 * @throws what the solver throws
 */
export function secondBlend(
  task: BlendTask,
  best: BlendPlan,
  { solve, limits }: { readonly solve: ProgrammeSolver; readonly limits: BlendLimits },
): BlendPlan | null {
  if (isSmallTask(task)) return bestBlend(task, solve, { limits, not: [openedSet(task, best)] });
  const leastId = best.pours.reduce((a, b) => (b.massKg < a.massKg ? b : a)).containerId;
  const containers = task.containers.filter((one) => one.id !== leastId);
  return bestBlend({ ...task, containers }, solve, { limits });
}

/** Places among the usable containers of those that a plan opens. */
function openedSet(task: BlendTask, { opened }: BlendPlan): OpenedSet {
  const ids = new Set(opened);
  return new Set(usableOf(task).flatMap((one, at) => (ids.has(one.id) ? [at] : [])));
}
