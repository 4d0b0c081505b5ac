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
    .filter((container) => plan.opened.includes(container.id))
    .map((container) => ({
      id: container.id,
      percent: container.meanPercent,
      plusMinus: GUARD_FACTOR * Math.hypot(container.randomPercent, task.systematicPercent),
      provisional: false,
    }));
  return (
    <div className="space-y-4">
      {plan.tanks.map(({ tankId, moisture }) => {
        const own = new Set(
          plan.pours.filter((pour) => pour.tankId === tankId).map((pour) => pour.containerId),
        );
        const readings = before.filter((item) => own.has(item.id));
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
                value: Math.min(...readings.map((reading) => reading.percent)).toFixed(1),
                value2: Math.max(...readings.map((reading) => reading.percent)).toFixed(1),
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
