import { addMonths } from 'date-fns';
import { useId, type ReactElement } from 'react';
import {
  IN_DANGER_FROM_PERCENT,
  FERMENTATION_CLASSES,
  STORAGE_RISKS,
  type StorageForecast,
  type StorageRisk,
} from '../../../../core';
import { RISK_NAMES } from '../../../words/storeWords';
import { RuleHatch } from '../../../ui/charts/RuleHatch';
import { RULE_FROM_PERCENT, RULE_TO_PERCENT, alongRule } from '../../../ui/charts/ruleScale';
import { storeWords } from '../../../words/english/store';
import { formatMonthYear } from '../../../format/dates';
import { commonWords } from '../../../words/english/common';

interface KeepingChartProps {
  forecast: StorageForecast;
  limitPercent: number;
  nowMs: number;
}

const WIDTH = 1000;
const LEFT = 70;
const TOP = 12;
const PLOT = 250;
const STRIP = 46;
const SAFE_UP_TO = FERMENTATION_CLASSES[0].upToPercent;
const yOf = (percent: number): number => TOP + PLOT * (1 - alongRule(percent));

/** Marks of the classes: filled further the worse it is, so that hue says nothing alone. */
const FILLED: Readonly<Record<StorageRisk, number>> = {
  keeps: 0,
  'held-back': 0.25,
  watch: 0.5,
  risky: 0.75,
  danger: 1,
};

interface Stretch {
  readonly risk: StorageRisk;
  readonly from: number;
  readonly to: number;
}

/** Months of one risk, joined. */
function stretchesOf({ months }: StorageForecast): Stretch[] {
  const found: Stretch[] = [];
  for (const { month, risk } of months) {
    const last = found[found.length - 1];
    if (last?.risk === risk) found[found.length - 1] = { ...last, to: month + 1 };
    else found.push({ risk, from: month, to: month + 1 });
  }
  return found;
}

function Rule({ hatch, limitPercent }: { hatch: string; limitPercent: number }): ReactElement {
  const whole = Array.from(
    { length: RULE_TO_PERCENT - RULE_FROM_PERCENT + 1 },
    (_, at) => RULE_FROM_PERCENT + at,
  );
  return (
    <g>
      <rect
        x={LEFT}
        width={WIDTH - LEFT}
        y={yOf(SAFE_UP_TO)}
        height={yOf(RULE_FROM_PERCENT) - yOf(SAFE_UP_TO)}
        className="fill-none stroke-ink"
        strokeWidth="1.5"
      />
      <text x={LEFT + 8} y={yOf(RULE_FROM_PERCENT) - 8} className="fill-ink text-[15px]">
        {storeWords.keeps()}
      </text>
      <rect
        x={LEFT}
        width={WIDTH - LEFT}
        y={TOP}
        height={yOf(IN_DANGER_FROM_PERCENT) - TOP}
        fill={`url(#${hatch})`}
        opacity="0.45"
        className="stroke-ink"
      />
      <rect x={LEFT + 4} y={TOP + 4} width="84" height="20" className="fill-paper" />
      <text x={LEFT + 8} y={TOP + 19} className="fill-ink text-[15px]">
        {storeWords.ferments()}
      </text>
      <line x1={LEFT} x2={LEFT} y1={TOP} y2={TOP + PLOT} className="stroke-ink" strokeWidth="2.5" />
      {whole.map((at) => (
        <g key={at}>
          <line
            x1={LEFT - 12}
            x2={LEFT}
            y1={yOf(at)}
            y2={yOf(at)}
            className="stroke-ink"
            strokeWidth="2"
          />
          {at % 2 === 1 && (
            <text
              x={LEFT - 18}
              y={yOf(at) + 5}
              textAnchor="end"
              className="fill-ink text-[15px] font-bold"
            >
              {at}
            </text>
          )}
        </g>
      ))}
      <line
        x1={LEFT}
        x2={WIDTH}
        y1={yOf(limitPercent)}
        y2={yOf(limitPercent)}
        className="stroke-ink"
        strokeWidth="4"
      />
      <rect
        x={WIDTH - 96}
        y={yOf(limitPercent) - 25}
        width="94"
        height="22"
        className="fill-paper"
      />
      <text
        x={WIDTH - 6}
        y={yOf(limitPercent) - 9}
        textAnchor="end"
        className="fill-ink text-[15px] font-bold"
      >
        {storeWords.limit({ limitPercent: limitPercent.toFixed(1) })}
      </text>
    </g>
  );
}

/** The liquid part on the moisture rule, upright, month by month; under it the class in words. */
export function KeepingChart({ forecast, limitPercent, nowMs }: KeepingChartProps): ReactElement {
  const hatch = useId();
  const { months } = forecast;
  const last = months.length - 1;
  const xOf = (month: number): number => LEFT + ((WIDTH - LEFT) * month) / (last + 1);
  const line = (of: (one: (typeof months)[number]) => number): string =>
    months.map((month) => `${xOf(month.month).toFixed(1)},${yOf(of(month)).toFixed(1)}`).join(' ');
  const stretches = stretchesOf(forecast);
  const spoken = stretches
    .map((stretch) => storeWords.fromMonth({ from: stretch.from, risk: RISK_NAMES[stretch.risk] }))
    .join(', ');
  return (
    <figure>
      <div
        className="overflow-x-auto"
        tabIndex={0}
        role="region"
        aria-label={storeWords.keepingOverMonths()}
      >
        <svg
          role="img"
          aria-label={storeWords.waterInTheLiquidPart({ spoken })}
          viewBox={`0 0 ${WIDTH} ${TOP + PLOT + STRIP + 34}`}
          className="block w-full min-w-[40rem]"
        >
          <RuleHatch id={hatch} />
          <Rule hatch={hatch} limitPercent={limitPercent} />
          <polyline
            points={line((storageMonth) => storageMonth.liquidUpperPercent)}
            fill="none"
            className="stroke-lavender"
            strokeWidth="2.5"
            strokeDasharray="7 6"
          />
          <polyline
            points={line((storageMonth) => storageMonth.liquidPercent)}
            fill="none"
            className="stroke-lavender"
            strokeWidth="5"
          />
          {stretches.map(({ risk, from, to }) => {
            const [x, width] = [xOf(from), xOf(to) - xOf(from)];
            return (
              <g key={from}>
                <rect
                  x={x}
                  width={width}
                  y={TOP + PLOT + 8}
                  height={STRIP - 8}
                  className="fill-paper stroke-ink"
                  strokeWidth="1.5"
                />
                <rect
                  x={x}
                  width={width}
                  y={TOP + PLOT + 8 + (STRIP - 8) * (1 - FILLED[risk])}
                  height={(STRIP - 8) * FILLED[risk]}
                  fill={`url(#${hatch})`}
                />
                {width > 90 && (
                  <g>
                    <rect
                      x={x + 4}
                      y={TOP + PLOT + 16}
                      width={10 + 8.2 * RISK_NAMES[risk].length}
                      height="22"
                      className="fill-paper"
                    />
                    <text x={x + 8} y={TOP + PLOT + 33} className="fill-ink text-[15px] font-bold">
                      {RISK_NAMES[risk]}
                    </text>
                  </g>
                )}
              </g>
            );
          })}
          {months
            .filter((month) => month.month % 3 === 0)
            .map(({ month }) => (
              <text
                key={month}
                x={xOf(month)}
                y={TOP + PLOT + STRIP + 24}
                textAnchor={month === 0 ? 'start' : 'middle'}
                className="fill-ink text-[15px]"
              >
                {month === 0 ? commonWords.now() : formatMonthYear(addMonths(nowMs, month))}
              </text>
            ))}
        </svg>
      </div>
      <figcaption className="mt-1 text-base">
        {storeWords.waterInThePartThat({
          storageRisks: STORAGE_RISKS.map((storageRisk) => RISK_NAMES[storageRisk]).join(', '),
        })}
      </figcaption>
    </figure>
  );
}
