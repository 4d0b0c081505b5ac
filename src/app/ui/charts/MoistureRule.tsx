import { useId, type ReactElement } from 'react';
import { IN_DANGER_FROM_PERCENT, FERMENTATION_CLASSES } from '../../../core';
import { RuleHatch } from './RuleHatch';
import { RuleHill } from './RuleHill';
import { RuleReadings, type RuleReading } from './RuleReadings';
import { RULE_FROM_PERCENT, RULE_TO_PERCENT, rulePosition, ruleWidth } from './ruleScale';
import { sharedWords } from '../../words/english/shared';

export interface MoistureRuleProps {
  limitPercent: number;
  targetPercent: number | null;
  /** half width of the band in which the limit is not settled */
  guardPercent: number | null;
  belief: { mean: number; standardUncertainty: number } | null;
  readings: readonly RuleReading[];
  /** what the drawing says, as a sentence */
  label: string;
}

const SAFE_UP_TO = FERMENTATION_CLASSES[0].upToPercent;
const HILL_HEIGHT = 64;
const BASE = 92;
const ROW = 16;

const whole = Array.from(
  { length: RULE_TO_PERCENT - RULE_FROM_PERCENT + 1 },
  (_, at) => RULE_FROM_PERCENT + at,
);

function Ticks(): ReactElement {
  const tenths = whole
    .slice(0, -1)
    .flatMap((value) => [0.2, 0.4, 0.5, 0.6, 0.8].map((part) => value + part));
  return (
    <g className="stroke-ink">
      <line x1="0" x2="100%" y1={BASE} y2={BASE} strokeWidth="2.5" />
      {tenths.map((at) => (
        <line
          key={at}
          x1={rulePosition(at)}
          x2={rulePosition(at)}
          y1={BASE}
          y2={BASE + (at % 1 === 0.5 ? 10 : 5)}
          strokeWidth="1"
        />
      ))}
      {whole.map((at) => (
        <line
          key={at}
          x1={rulePosition(at)}
          x2={rulePosition(at)}
          y1={BASE}
          y2={BASE + 15}
          strokeWidth="2"
        />
      ))}
    </g>
  );
}

function Numerals(): ReactElement {
  return (
    <g className="fill-ink text-[15px] font-bold">
      {whole.slice(1, -1).map((at) => (
        <text key={at} x={rulePosition(at)} y={BASE + 31} textAnchor="middle">
          {at}
        </text>
      ))}
    </g>
  );
}

/** Water at which honey keeps whatever the yeast, and water at which it is always in danger. */
function KeepingBands({ hatch }: { hatch: string }): ReactElement {
  const y = BASE + 40;
  return (
    <g>
      <rect
        x="0"
        width={rulePosition(SAFE_UP_TO)}
        y={y}
        height="18"
        className="fill-none stroke-ink"
        strokeWidth="1.5"
      />
      <text x="8" y={y + 14} className="fill-ink text-[13px]">
        {sharedWords.keeps()}
      </text>
      <rect
        x={rulePosition(IN_DANGER_FROM_PERCENT)}
        width={ruleWidth(IN_DANGER_FROM_PERCENT, RULE_TO_PERCENT)}
        y={y}
        height="18"
        fill={`url(#${hatch})`}
        className="stroke-ink"
        strokeWidth="1.5"
      />
      <svg x={rulePosition(IN_DANGER_FROM_PERCENT)} y={y} overflow="visible">
        <rect x="6" y="2" width="66" height="14" className="fill-paper" />
        <text x="11" y="14" className="fill-ink text-[13px]">
          {sharedWords.ferments()}
        </text>
      </svg>
    </g>
  );
}

interface FlagProps {
  percent: number;
  word: string;
  side: 'left' | 'right';
  dashed?: boolean;
}

function Flag({ percent, word, side, dashed = false }: FlagProps): ReactElement {
  return (
    <svg x={rulePosition(percent)} y="0" overflow="visible">
      <line
        y1="2"
        y2={BASE + 15}
        className="stroke-ink"
        strokeWidth={dashed ? 2 : 4}
        strokeDasharray={dashed ? '5 4' : undefined}
      />
      <text
        x={side === 'right' ? 8 : -8}
        y="15"
        textAnchor={side === 'right' ? 'start' : 'end'}
        className="fill-ink text-[15px] font-bold"
      >
        {word} {percent.toFixed(1)}
      </text>
    </svg>
  );
}

/**
 * The moisture rule: one scale from 13 to 25 % water, drawn alike on every screen. The hill is what
 * the moisture may be, its hatched part the chance to be over the limit.
 */
export function MoistureRule(props: MoistureRuleProps): ReactElement {
  const { limitPercent, targetPercent, guardPercent, belief, readings, label } = props;
  const hatch = useId();
  const showsTarget = targetPercent !== null && targetPercent < limitPercent;
  const height = BASE + 66 + (readings.length > 0 ? ROW * Math.min(3, readings.length) + 10 : 0);
  return (
    <svg
      role="img"
      aria-label={label}
      width="100%"
      height={height}
      className="block overflow-visible"
    >
      <RuleHatch id={hatch} />
      {guardPercent !== null && (
        <>
          <rect
            x={rulePosition(limitPercent - guardPercent)}
            width={ruleWidth(limitPercent - guardPercent, limitPercent + guardPercent)}
            y="21"
            height="7"
            className="fill-thread stroke-ink"
          />
          <svg x={rulePosition(limitPercent + guardPercent)} y="21" overflow="visible">
            <text x="6" y="8" className="fill-ink text-[13px]">
              {sharedWords.notSettled()}
            </text>
          </svg>
        </>
      )}
      {belief && (
        <RuleHill
          belief={belief}
          limitPercent={limitPercent}
          y={BASE - HILL_HEIGHT}
          height={HILL_HEIGHT}
          hatch={hatch}
        />
      )}
      <Ticks />
      <Numerals />
      <KeepingBands hatch={hatch} />
      {showsTarget && (
        <Flag percent={targetPercent} word={sharedWords.target()} side="left" dashed />
      )}
      <Flag percent={limitPercent} word={sharedWords.limit()} side="right" />
      <RuleReadings readings={readings} y={BASE + 68} row={ROW} />
    </svg>
  );
}
