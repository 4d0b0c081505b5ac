import { useId, type ReactElement } from 'react';
import { RuleHatch } from './RuleHatch';
import { RuleHill } from './RuleHill';
import { RULE_FROM_PERCENT, RULE_TO_PERCENT, rulePosition } from './ruleScale';

interface RuleStripProps {
  limitPercent: number;
  belief: { mean: number; standardUncertainty: number };
  /** readings as ticks under the rule [%] */
  readings: readonly number[];
}

const BASE = 26;

/** The moisture rule small, for lists; the words beside it say the same. */
export function RuleStrip({ limitPercent, belief, readings }: RuleStripProps): ReactElement {
  const hatch = useId();
  const whole = Array.from(
    { length: RULE_TO_PERCENT - RULE_FROM_PERCENT + 1 },
    (_, at) => RULE_FROM_PERCENT + at,
  );
  return (
    <svg aria-hidden width="100%" height="44" className="block">
      <RuleHatch id={hatch} />
      <RuleHill belief={belief} limitPercent={limitPercent} y={4} height={BASE - 4} hatch={hatch} />
      <line x1="0" x2="100%" y1={BASE} y2={BASE} className="stroke-ink" strokeWidth="2" />
      {whole.map((at) => (
        <line
          key={at}
          x1={rulePosition(at)}
          x2={rulePosition(at)}
          y1={BASE}
          y2={BASE + 7}
          className="stroke-ink"
          strokeWidth="1.5"
        />
      ))}
      <line
        x1={rulePosition(limitPercent)}
        x2={rulePosition(limitPercent)}
        y1="0"
        y2="34"
        className="stroke-ink"
        strokeWidth="4"
      />
      {readings.map((at, index) => (
        <line
          key={index}
          x1={rulePosition(at)}
          x2={rulePosition(at)}
          y1={BASE + 9}
          y2={BASE + 18}
          className="stroke-ink"
          strokeWidth="3"
        />
      ))}
    </svg>
  );
}
