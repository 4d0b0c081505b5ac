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
import { improvedWhole } from './improvedWhole';
import { LEAST_POUR_KG, type BlendLimits, type ProgrammeSolver, type Seconds } from './programme';
import { evenPours, exactPours, packedPours, type FoundPours } from './tankPours';
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
  const wet = usableOf(task).filter((blendContainer) => isTooWet(blendContainer, task));
  const wetIds = new Set(wet.map((blendContainer) => blendContainer.id));
  const savedKg = pours
    .filter((pour) => wetIds.has(pour.containerId))
    .reduce((all, pour) => all + pour.massKg, 0);
  const worthKg = blendWorthKg(task, pours);
  return {
    pours,
    tanks: filledTanks(task, pours),
    opened: [...new Set(pours.map((pour) => pour.containerId))],
    savedKg,
    leftKg: Math.max(
      0,
      wet.reduce((all, blendContainer) => all + blendContainer.massKg, 0) - savedKg,
    ),
    worthKg,
    boundKg: Math.max(worthKg, boundKg),
  };
}

/** A group of containers with what its tanks hold together. */
interface GroupHold {
  readonly massesKg: readonly number[];
  readonly tanks: readonly number[];
  /** places among the usable containers */
  readonly members: readonly number[];
}

/** Up to so many pairs of container and tank the best pouring list is looked for at one go. */
const AT_ONE_GO = 80;

const isSmallTask = (task: BlendTask): boolean =>
  usableOf(task).length * task.tanks.length <= AT_ONE_GO;

interface Search {
  readonly solve: ProgrammeSolver;
  readonly not: readonly OpenedSet[];
  readonly limits: BlendLimits;
}

/** A timer that starts now. */
function timer({ nowMs }: BlendLimits, seconds: number): Seconds {
  const endMs = nowMs() + seconds * 1000;
  return () => Math.max(0, (endMs - nowMs()) / 1000);
}

/** Linear programmes are quick; this only ends what hangs [s]. */
const LINEAR_SECONDS = 60;

/** Share of the time for packing after which whole containers are exchanged [1]. */
const SOLVER_SHARE = 0.7;

/** What a group pours into its tanks, looked for until time is up; poured evenly where none is found. */
function groupPours(
  task: BlendTask,
  { massesKg, tanks, members }: GroupHold,
  { solve, limits, seconds }: Search & { readonly seconds: number },
): readonly Pour[] {
  const used = massesKg.flatMap((mass, at) => (mass >= LEAST_POUR_KG ? [at] : []));
  if (tanks.length === 0 || used.length === 0) return [];
  const left = timer(limits, seconds);
  const forSolver = timer(limits, task.wholeOnly ? seconds * SOLVER_SHARE : seconds);
  // Parts may call on a few containers more; whole ones would be too many to look at.
  const containers = task.wholeOnly ? used : members;
  const choice = { containers, tanks, isOpen: false, not: [], used: new Set(used) };
  const packed = packedPours(task, choice, { massesKg, solve, left: forSolver });
  // The even mixture splits every container over all tanks: only where nothing better was found.
  if (!task.wholeOnly) return packed.length > 0 ? packed : evenPours(task, massesKg, tanks);
  return [packed, greedyWhole(task, members, tanks)]
    .map((pours) => improvedWhole(task, pours, { members, tanks, left }))
    .reduce((a, b) => (blendWorthKg(task, b) > blendWorthKg(task, a) ? b : a));
}

/** First how much of which container is used and which tank takes which group, then into which tank. */
function inTwoSteps(task: BlendTask, search: Search): FoundPours {
  const { solve, limits } = search;
  const usage = bestUsage(task, { solve, left: timer(limits, LINEAR_SECONDS) });
  const groups = groupsOf(task).map((members, at) => ({ ...usage.groups[at]!, members }));
  const seconds = limits.seconds / groups.filter((group) => group.tanks.length > 0).length;
  const pours = groups.flatMap((group) => groupPours(task, group, { ...search, seconds }));
  return { pours, boundKg: usage.boundKg };
}

function atOneGo(task: BlendTask, { solve, not, limits }: Search): FoundPours | null {
  const containers = usableOf(task).map((_, at) => at);
  const tanks = task.tanks.map((_, at) => at);
  const choice = { containers, tanks, isOpen: true, not };
  return exactPours(task, choice, { solve, left: timer(limits, limits.seconds) });
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
  const search = { solve, not, limits };
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
  const containers = task.containers.filter((container) => container.id !== leastId);
  return bestBlend({ ...task, containers }, solve, { limits });
}

/** Places among the usable containers of those that a plan opens. */
function openedSet(task: BlendTask, { opened }: BlendPlan): OpenedSet {
  const ids = new Set(opened);
  return new Set(
    usableOf(task).flatMap((blendContainer, at) => (ids.has(blendContainer.id) ? [at] : [])),
  );
}
