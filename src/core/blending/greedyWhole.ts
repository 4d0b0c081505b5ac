import { GUARD_FACTOR } from '../conformity/conformity';
import { isTooWet, tankMoisture, usableOf, worthOf, type BlendTask, type Pour } from './blendTask';

interface Filling {
  readonly capacityKg: number;
  readonly places: readonly number[];
  readonly massKg: number;
}

/** Whether a tank keeps to its target with these containers in it. */
function keeps(task: BlendTask, places: readonly number[]): boolean {
  if (places.length === 0) return true;
  const usable = usableOf(task);
  const parts = places.map((at) => ({ container: usable[at]!, massKg: usable[at]!.massKg }));
  const { mean, standardUncertainty } = tankMoisture(parts, task.systematicPercent);
  return mean + GUARD_FACTOR * standardUncertainty <= task.targetPercent;
}

const added = (filling: Filling, at: number, massKg: number): Filling => ({
  ...filling,
  places: [...filling.places, at],
  massKg: filling.massKg + massKg,
});

/** The first container that fits and leaves the tank within its target. */
function firstThatFits(
  task: BlendTask,
  filling: Filling,
  candidates: readonly number[],
): number | undefined {
  const usable = usableOf(task);
  return candidates.find(
    (at) =>
      filling.massKg + usable[at]!.massKg <= filling.capacityKg &&
      keeps(task, [...filling.places, at]),
  );
}

/**
 * Whole containers packed into the tanks of one group one after the other: the wettest that still
 * fits, else the driest, until no wet one is left or the tank is full. Quick, seldom the best.
 *
 * @param members - places among the usable containers
 * @param tanks - places of the tanks
 */
export function greedyWhole(
  task: BlendTask,
  members: readonly number[],
  tanks: readonly number[],
): Pour[] {
  const usable = usableOf(task);
  const byMoisture = [...members].sort((a, b) => usable[b]!.meanPercent - usable[a]!.meanPercent);
  let wet = byMoisture.filter((at) => task.aim === 'fill' || isTooWet(usable[at]!, task));
  let dry = byMoisture.filter((at) => !isTooWet(usable[at]!, task)).reverse();
  const without = (places: readonly number[], at: number): number[] =>
    places.filter((place) => place !== at);
  return tanks.flatMap((tank) => {
    let filling: Filling = { capacityKg: task.tanks[tank]!.capacityKg, places: [], massKg: 0 };
    for (let steps = 0; steps < members.length; steps += 1) {
      const at =
        firstThatFits(task, filling, wet) ??
        (wet.length > 0 ? firstThatFits(task, filling, dry) : undefined);
      if (at === undefined) break;
      filling = added(filling, at, usable[at]!.massKg);
      wet = without(wet, at);
      dry = without(dry, at);
    }
    const { places } = filling;
    const isWorth = places.some((at) => worthOf(usable[at]!, task) > 0);
    if (!isWorth) dry = [...dry, ...places];
    return isWorth
      ? places.map((at) => ({
          containerId: usable[at]!.id,
          tankId: task.tanks[tank]!.id,
          massKg: usable[at]!.massKg,
        }))
      : [];
  });
}
