import type { Estimate } from '../../core';
import { type Blend, type BlendContent, type BlendTick, vesselId } from '../../records';

/** A line of a pouring list as it was poured. */
export interface PouredLine {
  readonly blendId: string;
  /** place of the tank in its blend */
  readonly tank: number;
  /** the lot that came of the tank; null until it was made */
  readonly intoLotId: string | null;
  readonly fromLotId: string;
  readonly vesselId: string;
  /** that came into the tank; 0 where all of it was spilled */
  readonly massKg: number;
  /** that left the container and came into no tank */
  readonly spiltKg: number;
  readonly meanPercent: number;
  readonly at: string;
}

/** Everything that was poured, by the scale and not by the plan; what weighed nothing is left out. */
export function pouredLines(blends: readonly Blend[], ticks: readonly BlendTick[]): PouredLine[] {
  const byId = new Map(blends.map((blend) => [blend.entityId, blend.content]));
  return ticks.flatMap(
    ({ ownerId, content: { tank: at, pour, massKg, spiltKg = 0, at: moment } }) => {
      const tank = byId.get(ownerId)?.tanks[at];
      const line = tank?.pours[pour];
      if (!tank || !line || massKg + spiltKg <= 0) return [];
      return [
        {
          blendId: ownerId,
          tank: at,
          intoLotId: tank.lotId,
          fromLotId: line.lotId,
          vesselId: vesselId(line.containerId, line.item),
          massKg,
          spiltKg,
          meanPercent: line.meanPercent,
          at: moment,
        },
      ];
    },
  );
}

/** What a tank is computed to have by what was poured; null where nothing was. */
export function pouredMoisture(
  { expected }: BlendContent['tanks'][number],
  poured: readonly Pick<PouredLine, 'massKg' | 'meanPercent'>[],
): Estimate | null {
  const total = poured.reduce((sum, item) => sum + item.massKg, 0);
  if (total <= 0) return null;
  const water = poured.reduce((sum, item) => sum + item.massKg * item.meanPercent, 0);
  return { mean: water / total, standardUncertainty: expected.standardPercent };
}

/** Lots that were poured into a lot, and into those, each once. */
export function parentLots(lotId: string, poured: readonly PouredLine[]): string[] {
  const found = new Set<string>();
  const queue = [lotId];
  for (const id of queue) {
    for (const { intoLotId, fromLotId, massKg } of poured) {
      if (massKg <= 0 || intoLotId !== id || found.has(fromLotId) || fromLotId === lotId) continue;
      found.add(fromLotId);
      queue.push(fromLotId);
    }
  }
  return [...found];
}
