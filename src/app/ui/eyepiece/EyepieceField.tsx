import { useId, type ReactElement } from 'react';
import { EYEPIECE_SCALES, type EyepieceView, type Scale } from '../../../core';
import { meterWords } from '../../words/english/meter';

const SIZE = 400;
const MIDDLE = SIZE / 2;
/** the drawn scale, top to bottom, inside the round field */
const TOP = 30;
const BOTTOM = SIZE - 30;

interface Ladder {
  /** every division */
  readonly step: number;
  /** numerals stand at every so many divisions */
  readonly numeralEvery: number;
  readonly digits: number;
}

const LADDERS: Readonly<Record<Scale, Ladder>> = {
  water: { step: 0.5, numeralEvery: 4, digits: 0 },
  brix: { step: 0.5, numeralEvery: 4, digits: 0 },
  nD: { step: 0.001, numeralEvery: 10, digits: 2 },
};

/** Half of the scale that the eye sees at once, as a part of it. */
const SEEN = 0.22;

/** The stretch of the scale that the field shows. */
interface Window {
  readonly low: number;
  readonly high: number;
}

/** The stretch of the scale around the border that fills the field. */
export function windowAround(scale: Scale, border: number): Window {
  const [low, high] = EYEPIECE_SCALES[scale];
  const half = (high - low) * SEEN;
  const { step, numeralEvery } = LADDERS[scale];
  const grid = step * numeralEvery;
  const centre = Math.round(border / grid) * grid;
  return { low: centre - half, high: centre + half };
}

const heightOf = (value: number, { low, high }: Window): number =>
  BOTTOM - ((value - low) / (high - low)) * (BOTTOM - TOP);

function Divisions({ scale, seen }: { scale: Scale; seen: Window }): ReactElement {
  const { step, numeralEvery, digits } = LADDERS[scale];
  const first = Math.ceil(seen.low / step);
  const count = Math.floor(seen.high / step) - first + 1;
  return (
    <g className="stroke-ink">
      <line x1={MIDDLE} x2={MIDDLE} y1={TOP} y2={BOTTOM} strokeWidth="1.5" />
      {Array.from({ length: count }, (_, at) => first + at).map((division) => {
        const y = heightOf(division * step, seen);
        const numeral = division % numeralEvery === 0;
        return (
          <g key={division}>
            <line
              x1={MIDDLE}
              x2={MIDDLE + (numeral ? 34 : division % 2 === 0 ? 22 : 12)}
              y1={y}
              y2={y}
              strokeWidth={numeral ? 2.5 : 1.2}
            />
            {numeral && (
              <text
                x={MIDDLE - 12}
                y={y + 8}
                textAnchor="end"
                strokeWidth="0"
                className="fill-ink text-[24px] font-bold"
              >
                {(division * step).toFixed(digits)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

interface EyepieceFieldProps {
  scale: Scale;
  view: EyepieceView;
  /** blur of the whole picture: the ring is off [px] */
  blurPx: number;
  /** where the hairline lies, in the unit of the scale; null: there is none */
  hair: number | null;
}

/**
 * What one sees through the stand-in eyepiece: the scale, and the border between shade and light.
 * Drawn from the physics; the value is nowhere written.
 */
export function EyepieceField(props: EyepieceFieldProps): ReactElement {
  const { scale, view, blurPx, hair } = props;
  const id = useId();
  const seen = windowAround(scale, view.borderDial);
  const perDial = (BOTTOM - TOP) / (seen.high - seen.low);
  const border = heightOf(view.borderDial, seen);
  const soft = Math.max(1, view.softnessDial * perDial);
  const lean = view.leanDial * perDial;
  const angle = (Math.atan2(lean, SIZE) * 180) / Math.PI;
  const stop = (offset: number): string => `${((border + offset) / SIZE) * 100}%`;
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      role="img"
      aria-label={meterWords.eyepieceAScaleDarkAbove()}
      className="mx-auto block w-full max-w-md"
    >
      <defs>
        <linearGradient
          id={`${id}-edge`}
          gradientUnits="userSpaceOnUse"
          x1="0"
          x2="0"
          y1="0"
          y2={SIZE}
        >
          <stop offset={stop(-soft)} className="[stop-color:var(--color-lavender-mid)]" />
          <stop offset={stop(soft)} className="[stop-color:var(--color-paper)]" />
        </linearGradient>
        <clipPath id={`${id}-round`}>
          <circle cx={MIDDLE} cy={MIDDLE} r={MIDDLE - 8} />
        </clipPath>
        <filter id={`${id}-ring`}>
          <feGaussianBlur stdDeviation={blurPx} />
        </filter>
      </defs>
      <circle cx={MIDDLE} cy={MIDDLE} r={MIDDLE - 4} className="fill-ink" />
      <g clipPath={`url(#${id}-round)`}>
        <g filter={`url(#${id}-ring)`}>
          <rect
            x={-SIZE}
            y={-SIZE / 2}
            width={3 * SIZE}
            height={2 * SIZE}
            fill={`url(#${id}-edge)`}
            transform={`rotate(${angle.toFixed(2)} ${MIDDLE} ${border.toFixed(1)})`}
          />
          <Divisions scale={scale} seen={seen} />
        </g>
        {hair !== null && (
          <line
            x1="20"
            x2={SIZE - 20}
            y1={heightOf(hair, seen)}
            y2={heightOf(hair, seen)}
            strokeWidth="2"
            strokeDasharray="10 6"
            className="stroke-lavender"
          />
        )}
      </g>
    </svg>
  );
}
