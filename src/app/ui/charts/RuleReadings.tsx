import type { ReactElement } from 'react';
import { rulePosition } from './ruleScale';

/** A reading as a tick with its whisker. */
export interface RuleReading {
  readonly id: string;
  readonly percent: number;
  /** half width of its 95 % interval */
  readonly plusMinus: number;
  /** still being typed */
  readonly provisional: boolean;
}

interface RuleReadingsProps {
  readings: readonly RuleReading[];
  y: number;
  row: number;
}

/** Readings under the rule, in up to three rows so that neighbours stay apart. */
export function RuleReadings({ readings, y, row }: RuleReadingsProps): ReactElement {
  return (
    <g className="stroke-ink">
      {readings.map((reading, at) => {
        const middle = y + row * (at % 3) + row / 2;
        const dash = reading.provisional ? '3 3' : undefined;
        return (
          <g key={reading.id} strokeDasharray={dash}>
            <line
              x1={rulePosition(reading.percent - reading.plusMinus)}
              x2={rulePosition(reading.percent + reading.plusMinus)}
              y1={middle}
              y2={middle}
              strokeWidth="2"
            />
            <line
              x1={rulePosition(reading.percent)}
              x2={rulePosition(reading.percent)}
              y1={middle - 7}
              y2={middle + 7}
              strokeWidth="4"
            />
          </g>
        );
      })}
    </g>
  );
}
