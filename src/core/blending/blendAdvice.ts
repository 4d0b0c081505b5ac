import { requireFinite } from '../errors';
import { usableOf, isTooWet, type BlendTask } from './blendTask';
import { bestBlend, type BlendPlan } from './planBlend';
import type { BlendLimits, ProgrammeSolver } from './programme';

/** A limit that can be relaxed. */
export const RELAXATIONS = ['target', 'flows', 'colours', 'whole', 'capacity'] as const;
export type RelaxationId = (typeof RELAXATIONS)[number];

/** What relaxing a limit would bring. */
export interface Relaxation {
  readonly id: RelaxationId;
  /** more honey saved, or filled, than with the limits as they are [kg] */
  readonly gainKg: number;
}

/** The task with one limit relaxed; null where that limit does not bind. */
export function relaxed(task: BlendTask, id: RelaxationId, limitPercent: number): BlendTask | null {
  switch (id) {
    case 'target':
      return task.targetPercent < limitPercent ? { ...task, targetPercent: limitPercent } : null;
    case 'flows':
      return task.mixFlows ? null : { ...task, mixFlows: true };
    case 'colours':
      return task.mixColours ? null : { ...task, mixColours: true };
    case 'whole':
      return task.wholeOnly ? { ...task, wholeOnly: false } : null;
    case 'capacity': {
      const all = usableOf(task).reduce((sum, blendContainer) => sum + blendContainer.massKg, 0);
      const tanks = task.tanks.map((tank) => ({
        ...tank,
        capacityKg: Math.max(tank.capacityKg, all),
      }));
      return tanks.some((tank, at) => tank.capacityKg > task.tanks[at]!.capacityKg)
        ? { ...task, tanks }
        : null;
    }
  }
}

/** Honey that counts in a plan [kg]: what was too wet, or all of it. */
const countedKg = (task: BlendTask, plan: BlendPlan | null): number =>
  task.aim === 'save'
    ? (plan?.savedKg ?? 0)
    : (plan?.tanks.reduce((sum, tank) => sum + tank.massKg, 0) ?? 0);

/** Least gain that is reported [kg]. @source our choice, no source */
const WORTH_TELLING_KG = 0.5;

/**
 * What relaxing each limit by itself would bring, most first.
 *
 * Wetter honey counts as too wet by the target as it was, so that gains compare.
 *
 * @param best - with the limits as they are
 * @param limitPercent - the legal limit, up to which the target may rise [%]
 * @throws what the solver throws
 */
export function relaxations(
  task: BlendTask,
  solve: ProgrammeSolver,
  {
    best,
    limitPercent,
    limits,
  }: {
    readonly best: BlendPlan | null;
    readonly limitPercent: number;
    readonly limits: BlendLimits;
  },
): Relaxation[] {
  const now = countedKg(task, best);
  return RELAXATIONS.flatMap((id): Relaxation[] => {
    const other = relaxed(task, id, limitPercent);
    if (!other) return [];
    const plan = bestBlend(other, solve, { limits });
    // What meets the relaxed target by itself is saved too, poured or not.
    const alone = usableOf(task)
      .filter(
        (blendContainer) => isTooWet(blendContainer, task) && !isTooWet(blendContainer, other),
      )
      .reduce((sum, blendContainer) => sum + blendContainer.massKg, 0);
    const gainKg = countedKg(other, plan) + (task.aim === 'save' ? alone : 0) - now;
    return gainKg >= WORTH_TELLING_KG ? [{ id, gainKg }] : [];
  }).sort((a, b) => b.gainKg - a.gainKg);
}

/** How much drier honey a wet lot would take to meet a target in one tank [kg]; null for never. */
export function drierHoneyNeededKg(
  task: BlendTask,
  drierPercent: number,
  guardPercent: number,
): number | null {
  requireFinite({ task, drierPercent, guardPercent }, 'drierHoneyNeededKg');
  const wanted = task.targetPercent - guardPercent;
  if (drierPercent >= wanted) return null;
  const needed = usableOf(task)
    .filter((blendContainer) => isTooWet(blendContainer, task))
    .reduce(
      (sum, blendContainer) =>
        sum + Math.max(0, blendContainer.massKg * (blendContainer.meanPercent - wanted)),
      0,
    );
  return needed / (wanted - drierPercent);
}
