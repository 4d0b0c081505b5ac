import type { ReactElement } from 'react';
import { GUARD_FACTOR, type BlendPlan, type BlendTask } from '../../../../core';
import { MoistureRule } from '../../../ui/charts/MoistureRule';

interface BlendRuleProps {
  plan: BlendPlan;
  task: BlendTask;
  limitPercent: number;
}

/** Before and after on the moisture rule: containers as ticks, each tank as a hill. */
export function BlendRule({ plan, task, limitPercent }: BlendRuleProps): ReactElement {
  const before = task.containers
    .filter((one) => plan.opened.includes(one.id))
    .map((one) => ({
      id: one.id,
      percent: one.meanPercent,
      plusMinus: GUARD_FACTOR * Math.hypot(one.randomPercent, task.systematicPercent),
      provisional: false,
    }));
  return (
    <div className="space-y-4">
      {plan.tanks.map(({ tankId, moisture }) => {
        const own = new Set(
          plan.pours.filter((one) => one.tankId === tankId).map((one) => one.containerId),
        );
        const readings = before.filter((one) => own.has(one.id));
        return (
          <figure key={tankId}>
            <figcaption className="text-lg font-bold">
              {tankId}: containers before (ticks), the blend after (hill)
            </figcaption>
            <MoistureRule
              limitPercent={limitPercent}
              targetPercent={task.targetPercent}
              guardPercent={null}
              belief={moisture}
              readings={readings}
              label={`${tankId}: ${readings.length} containers from ${Math.min(...readings.map((one) => one.percent)).toFixed(1)} to ${Math.max(...readings.map((one) => one.percent)).toFixed(1)} % become ${moisture.mean.toFixed(1)} %; target ${task.targetPercent.toFixed(1)} %.`}
            />
          </figure>
        );
      })}
    </div>
  );
}
