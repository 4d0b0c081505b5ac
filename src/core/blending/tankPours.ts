import { pouredName, passedBy, sharedCut, tangentCut, type GuardCut } from './blendModel';
import { usableOf, type BlendTask, type Pour } from './blendTask';
import {
  GUARD_TOLERANCE_PERCENT,
  LEAST_POUR_KG,
  MOST_ROUNDS,
  valueOf,
  type ProgrammeSolution,
  type ProgrammeSolver,
  type Seconds,
} from './programme';
import { tankModel, type TankChoice } from './tankModel';

function massesIn(
  task: BlendTask,
  choice: TankChoice,
  { solution, tank }: { readonly solution: ProgrammeSolution; readonly tank: number },
): number[] {
  const own = new Set(choice.containers);
  return usableOf(task).map((_, at) => (own.has(at) ? valueOf(solution, pouredName(at, tank)) : 0));
}

function poursOf(task: BlendTask, choice: TankChoice, solution: ProgrammeSolution): Pour[] {
  const containers = usableOf(task);
  return choice.containers.flatMap((at) =>
    choice.tanks.flatMap((tank) => {
      const massKg = valueOf(solution, pouredName(at, tank));
      return massKg < LEAST_POUR_KG
        ? []
        : [{ containerId: containers[at]!.id, tankId: task.tanks[tank]!.id, massKg }];
    }),
  );
}

/** A pouring list with the worth that none passes [kg]. */
export interface FoundPours {
  readonly pours: readonly Pour[];
  readonly boundKg: number;
}

/** Tangents of the guard bands that a solution passes. */
function passedCuts(task: BlendTask, choice: TankChoice, solution: ProgrammeSolution): GuardCut[] {
  return choice.tanks.flatMap((tank) => {
    const massesKg = massesIn(task, choice, { solution, tank });
    const cut = tangentCut(usableOf(task), task, massesKg);
    return passedBy(cut, massesKg) > GUARD_TOLERANCE_PERCENT ? [cut] : [];
  });
}

/**
 * The best pouring list by Kelley's cutting planes: the guard band of a tank is a cone, replaced by
 * tangents that are added where a solution passes it. Null where time is up before none is passed.
 */
export function exactPours(
  task: BlendTask,
  choice: TankChoice,
  { solve, left }: { readonly solve: ProgrammeSolver; readonly left: Seconds },
): FoundPours | null {
  const cuts: GuardCut[] = [sharedCut(usableOf(task), task)];
  for (let round = 0; round < MOST_ROUNDS && left() > 0; round += 1) {
    const solution = solve(tankModel(task, choice, cuts), { seconds: left(), gapShare: 0 });
    if (solution.status !== 'optimal') return null;
    const more = passedCuts(task, choice, solution);
    if (more.length === 0) {
      return { pours: poursOf(task, choice, solution), boundKg: solution.boundKg };
    }
    cuts.push(...more);
  }
  return null;
}

/** Share of the worth that packing does not look for [1]. */
const PACKING_GAP = 0.005;

/** Rounds in which the margin is widened. */
const MARGIN_ROUNDS = 8;

/**
 * A pouring list that splits few containers: a programme with one linear limit, the tangent at what
 * the tanks hold together, and a margin that is widened until every tank keeps to its true guard
 * band. Empty where time is up before.
 *
 * @param massesKg - what the tanks hold together
 */
export function packedPours(
  task: BlendTask,
  choice: TankChoice,
  {
    massesKg,
    solve,
    left,
  }: {
    readonly massesKg: readonly number[];
    readonly solve: ProgrammeSolver;
    readonly left: Seconds;
  },
): Pour[] {
  const containers = usableOf(task);
  const tangent = tangentCut(containers, task, massesKg);
  let margin = 0;
  for (let round = 0; round < MARGIN_ROUNDS && left() > 0; round += 1) {
    const cut = tangent.map((value) => value + margin);
    const solution = solve(tankModel(task, choice, [cut]), {
      seconds: left(),
      gapShare: PACKING_GAP,
    });
    if (solution.status === 'infeasible') return [];
    const passed = choice.tanks.map((tank) => {
      const held = massesIn(task, choice, { solution, tank });
      return passedBy(tangentCut(containers, task, held), held);
    });
    const most = Math.max(...passed);
    if (most <= GUARD_TOLERANCE_PERCENT) return poursOf(task, choice, solution);
    margin += most;
  }
  return [];
}

/**
 * The same mixture poured into as many tanks as it needs, as full each as the others: it keeps to the
 * guard band wherever the whole does, and asks for no search.
 *
 * @param massesKg - what the tanks hold together
 * @param tanks - places of the tanks
 */
export function evenPours(
  task: BlendTask,
  massesKg: readonly number[],
  tanks: readonly number[],
): Pour[] {
  const containers = usableOf(task);
  const heldKg = massesKg.reduce((all, mass) => all + mass, 0);
  const needed: number[] = [];
  let roomKg = 0;
  for (const tank of tanks) {
    if (roomKg >= heldKg) break;
    needed.push(tank);
    roomKg += task.tanks[tank]!.capacityKg;
  }
  const pours = massesKg.flatMap((massKg, at) =>
    needed.map((tank) => ({
      containerId: containers[at]!.id,
      tankId: task.tanks[tank]!.id,
      massKg: (massKg * task.tanks[tank]!.capacityKg) / roomKg,
    })),
  );
  return pours.filter((pour) => pour.massKg >= LEAST_POUR_KG);
}
