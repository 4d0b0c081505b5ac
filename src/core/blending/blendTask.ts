import { GUARD_FACTOR, conformityProbability, type Estimate } from '../conformity/conformity';
import { requireInRange, requireFinite } from '../errors';

/** A container that may be poured from. */
export interface BlendContainer {
  readonly id: string;
  readonly massKg: number;
  /** [% by mass] */
  readonly meanPercent: number;
  /** its own standard uncertainty, without what all readings of the meter share [%] */
  readonly randomPercent: number;
  /** doubt that it has in common with others of the same id, as unread ones with their lot's mean [%] */
  readonly shared?: { readonly id: string; readonly percent: number };
  /** flow, and colour class; containers of which neither is known count as alike */
  readonly flow: string;
  readonly colour: string;
  /** why it may not be used; null where it may */
  readonly barredBecause: string | null;
}

/** A tank to blend in. */
export interface BlendTank {
  readonly id: string;
  readonly capacityKg: number;
}

/** What a blend is made for: to save what is too wet by itself, or to fill the tanks. */
export const BLEND_AIMS = ['save', 'fill'] as const;
export type BlendAim = (typeof BLEND_AIMS)[number];

/** What is to be blended, and what is allowed. */
export interface BlendTask {
  readonly containers: readonly BlendContainer[];
  readonly tanks: readonly BlendTank[];
  /** each tank's moisture with its guard band stays at or under it [%] */
  readonly targetPercent: number;
  /** standard uncertainty that all readings share [%] */
  readonly systematicPercent: number;
  readonly aim: BlendAim;
  readonly mixFlows: boolean;
  readonly mixColours: boolean;
  /** a container is poured whole or not at all */
  readonly wholeOnly: boolean;
  /** what opening one more container must save to be worth it [kg], >= 0 */
  readonly openingWorthKg: number;
}

/** One stretch of a pouring list. */
export interface Pour {
  readonly containerId: string;
  readonly tankId: string;
  readonly massKg: number;
}

/** A tank after pouring. */
export interface FilledTank {
  readonly tankId: string;
  readonly massKg: number;
  readonly moisture: Estimate;
  /** mean with its guard band [%] */
  readonly upperPercent: number;
}

/** Containers that may be poured from. */
export const usableOf = ({ containers }: BlendTask): readonly BlendContainer[] =>
  containers.filter((container) => container.barredBecause === null && container.massKg > 0);

/** Whether a container is too wet to meet the target by itself. */
export function isTooWet(container: BlendContainer, task: BlendTask): boolean {
  const { randomPercent, shared } = container;
  const standard = Math.hypot(randomPercent, shared?.percent ?? 0, task.systematicPercent);
  return container.meanPercent + GUARD_FACTOR * standard > task.targetPercent;
}

/** Honey that may only share a tank with its like under what the task allows. */
export function groupOf({ flow, colour }: BlendContainer, task: BlendTask): string {
  return [task.mixFlows ? '' : flow, task.mixColours ? '' : colour].join('|');
}

/** Some kg of a container. */
export interface Part {
  readonly container: BlendContainer;
  readonly massKg: number;
}

/** Doubt that parts have in common, by its id: masses times percent, added up [kg·%]. */
export function sharedKg(parts: readonly Part[]): Map<string, number> {
  const sums = new Map<string, number>();
  for (const { container, massKg } of parts) {
    const { shared } = container;
    if (shared) sums.set(shared.id, (sums.get(shared.id) ?? 0) + massKg * shared.percent);
  }
  return sums;
}

/**
 * Moisture of a tank: by mass; own doubts in quadrature, what some containers share once for these,
 * what all readings share once for all.
 *
 * @param parts - what was poured, at least one with a mass over 0
 * @param systematicPercent - common to all readings [%], >= 0
 * @throws DomainError `out-of-range`
 * @source conservation of water; JCGM 100:2008 (GUM), 5.2, recalled from memory
 */
export function tankMoisture(parts: readonly Part[], systematicPercent: number): Estimate {
  requireFinite({ parts, systematicPercent }, 'tankMoisture');
  const total = parts.reduce((sum, part) => sum + part.massKg, 0);
  const place = { fn: 'tankMoisture', param: 'parts', unit: 'kg' };
  requireInRange(total, [Number.MIN_VALUE, Infinity], place);
  let [water, squares] = [0, 0];
  for (const { container, massKg } of parts) {
    water += massKg * container.meanPercent;
    squares += (massKg * container.randomPercent) ** 2;
  }
  for (const part of sharedKg(parts).values()) squares += part ** 2;
  const standardUncertainty = Math.hypot(Math.sqrt(squares) / total, systematicPercent);
  return { mean: water / total, standardUncertainty };
}

/** Tanks as a pouring list fills them; empty ones left out. */
export function filledTanks(task: BlendTask, pours: readonly Pour[]): FilledTank[] {
  const byId = new Map(task.containers.map((container) => [container.id, container]));
  return task.tanks.flatMap(({ id }) => {
    const parts = pours.flatMap(({ containerId, tankId, massKg }) => {
      const container = byId.get(containerId);
      return tankId === id && container ? [{ container, massKg }] : [];
    });
    if (parts.length === 0) return [];
    const moisture = tankMoisture(parts, task.systematicPercent);
    return [
      {
        tankId: id,
        massKg: parts.reduce((sum, part) => sum + part.massKg, 0),
        moisture,
        upperPercent: moisture.mean + GUARD_FACTOR * moisture.standardUncertainty,
      },
    ];
  });
}

/** Chance that a filled tank is at or under a limit [1]. */
export const tankConforms = ({ moisture }: FilledTank, limitPercent: number): number => {
  requireFinite({ moisture, limitPercent }, 'tankConforms');
  return conformityProbability(moisture, limitPercent);
};

/**
 * What a pouring list is worth [kg]: the honey that counts, less what opening containers costs.
 * Honey that meets the target by itself counts for nothing where wet honey is to be saved, and a
 * little less than nothing, so that no more of it is used than needed.
 */
export function blendWorthKg(task: BlendTask, pours: readonly Pour[]): number {
  const byId = new Map(task.containers.map((container) => [container.id, container]));
  const opened = new Set(pours.map((pour) => pour.containerId));
  const kept = pours.reduce((sum, { containerId, massKg }) => {
    const container = byId.get(containerId);
    return container ? sum + massKg * worthOf(container, task) : sum;
  }, 0);
  return kept - task.openingWorthKg * opened.size;
}

/** What a kg of drier honey costs where wet honey is to be saved [kg/kg]. @source our choice, no source */
const DRY_COST = 0.001;

/** What a kg of a container counts [kg/kg]. */
export function worthOf(container: BlendContainer, task: BlendTask): number {
  return task.aim === 'fill' || isTooWet(container, task) ? 1 : -DRY_COST;
}
