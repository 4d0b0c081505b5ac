import type { ReactElement } from 'react';
import {
  RULE_FROM_PERCENT,
  RULE_TO_PERCENT,
  RULE_UNITS,
  hillPath,
  rulePosition,
} from './ruleScale';

interface RuleHillProps {
  belief: { mean: number; standardUncertainty: number };
  limitPercent: number;
  y: number;
  height: number;
  hatch: string;
}

/** What the moisture may be, as a hill over the rule; hatched where it is over the limit. */
export function RuleHill({ belief, limitPercent, y, height, hatch }: RuleHillProps): ReactElement {
  const within = hillPath(belief, RULE_FROM_PERCENT, limitPercent, height);
  const over = hillPath(belief, limitPercent, RULE_TO_PERCENT, height);
  return (
    <>
      <svg
        x="0"
        y={y}
        width="100%"
        height={height}
        viewBox={`0 0 ${RULE_UNITS} ${height}`}
        preserveAspectRatio="none"
      >
        <path
          d={within}
          className="fill-lavender-mid stroke-ink"
          strokeWidth="1.5"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d={over}
          fill={`url(#${hatch})`}
          className="stroke-ink"
          strokeWidth="1.5"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <line
        x1={rulePosition(belief.mean)}
        x2={rulePosition(belief.mean)}
        y1={y - 4}
        y2={y + height}
        className="stroke-lavender"
        strokeWidth="3"
      />
    </>
  );
}
