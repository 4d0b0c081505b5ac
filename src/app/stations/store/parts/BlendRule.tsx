import type { ReactElement } from 'react';
import { GUARD_FACTOR, type BlendPlan, type BlendTask } from '../../../../core';
import { MoistureRule } from '../../../ui/charts/MoistureRule';
import { blendWords } from '../../../words/english/blend';

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
              {blendWords.containersBeforeTicksTheBlend({ tankId })}
            </figcaption>
            <MoistureRule
              limitPercent={limitPercent}
              targetPercent={task.targetPercent}
              guardPercent={null}
              belief={moisture}
              readings={readings}
              label={blendWords.containersFromToBecomeTarget({
                tankId,
                readings: readings.length,
                value: Math.min(...readings.map((one) => one.percent)).toFixed(1),
                value2: Math.max(...readings.map((one) => one.percent)).toFixed(1),
                mean: moisture.mean.toFixed(1),
                targetPercent: task.targetPercent.toFixed(1),
              })}
            />
          </figure>
        );
      })}
    </div>
  );
}
