import { type BlendPlan, type BlendTask } from '../../../core';
import { vesselRefOf, type BlendContent } from '../../../records';
import type { StoredLot } from '../../../model';

/** What a kept plan is called by. */
export interface BlendNaming {
  readonly task: BlendTask;
  readonly lots: readonly StoredLot[];
  readonly name: string;
  readonly day: string;
}

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

/** A plan as it is written down: what goes from where to where, and what is expected. */
export function blendContent(
  plan: BlendPlan,
  { task, lots, name, day }: BlendNaming,
): BlendContent {
  const vessels = new Map(lots.flatMap((lot) => lot.vessels.map((vessel) => [vessel.id, vessel])));
  const containers = new Map(task.containers.map((container) => [container.id, container]));
  const tanks = plan.tanks.map(({ tankId, moisture }) => ({
    label: tankId,
    capacityKg: task.tanks.find((tank) => tank.id === tankId)?.capacityKg ?? 1,
    lotId: null,
    expected: {
      meanPercent: rounded(moisture.mean, 3),
      standardPercent: rounded(moisture.standardUncertainty, 4),
    },
    pours: plan.pours
      .filter((pour) => pour.tankId === tankId)
      .map(({ containerId: id, massKg }) => {
        const { containerId, item } = vesselRefOf(id);
        const vessel = vessels.get(id);
        return {
          lotId: vessel?.lotId ?? '',
          containerId: containerId ?? '',
          item: item ?? 1,
          label: vessel?.label ?? '',
          lotCode: vessel?.lotCode ?? '',
          massKg: rounded(massKg, 3),
          meanPercent: rounded(containers.get(id)?.meanPercent ?? 18, 2),
        };
      }),
  }));
  const { targetPercent, aim, mixFlows, mixColours, wholeOnly } = task;
  return { name, day, targetPercent, aim, mixFlows, mixColours, wholeOnly, tanks, remark: '' };
}
