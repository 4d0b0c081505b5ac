import { useState, type ReactElement } from 'react';
import {
  CREAMING_RANGE_C,
  SEED_RANGE,
  creamingCourse,
  seedKg,
  type StorageForecast,
  type StorageRisk,
} from '../../../../core';
import type { KeepingBasis } from '../../../../model/store/keeping';
import { selectPreferences, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { Slider } from '../../../ui/fields/Slider';
import { PageLink } from '../../../ui/page/PageLink';
import { SheetSection } from '../../../ui/page/SheetSection';
import { jarCareWords } from '../../../words/english/jarCare';
import { RISK_NAMES } from '../../../words/storeWords';

/** Creamed, honey at these risks would ferment. */
const TOO_WET: readonly StorageRisk[] = ['risky', 'danger'];

const WIDTH = 560;
const HEIGHT = 120;
/** Days that are drawn. */
const DRAWN_DAYS = 30;

/** How far it has set, day by day. */
function SetCurve({ shares, setDay }: { shares: readonly number[]; setDay: number | null }) {
  const x = (day: number): number => (WIDTH * day) / DRAWN_DAYS;
  const y = (share: number): number => HEIGHT * (1 - share);
  const points = shares.slice(0, DRAWN_DAYS + 1).map((share, day) => `${x(day)},${y(share)}`);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT + 22}`}
      className="mt-3 w-full max-w-xl"
      aria-hidden="true"
      focusable="false"
    >
      <rect width={WIDTH} height={HEIGHT} className="fill-paper stroke-thread" />
      <polyline points={points.join(' ')} className="fill-none stroke-lavender" strokeWidth="4" />
      {setDay !== null && setDay <= DRAWN_DAYS && (
        <line
          x1={x(setDay)}
          x2={x(setDay)}
          y1="0"
          y2={HEIGHT}
          className="stroke-ink"
          strokeDasharray="5 4"
        />
      )}
      {[0, 10, 20, 30].map((day) => (
        <text
          key={day}
          x={x(day)}
          y={HEIGHT + 17}
          textAnchor={day === 0 ? 'start' : day === DRAWN_DAYS ? 'end' : 'middle'}
          className="fill-ink text-[15px]"
        >
          {jarCareWords.dayOf({ day })}
        </text>
      ))}
    </svg>
  );
}

interface CreamingSectionProps {
  lotId: string;
  basis: KeepingBasis;
  /** honey of the lot that is left [kg]; null where nobody weighed it */
  leftKg: number | null;
  /** of the same honey kept creamed */
  creamed: StorageForecast;
}

/** Seed, temperature and days until honey has set fine, and what stays liquid then. */
export function CreamingSection({
  lotId,
  basis,
  leftKg,
  creamed,
}: CreamingSectionProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const [seed, setSeed] = useState(0.1);
  const [celsius, setCelsius] = useState(14);
  const { setShare, setDay } = creamingCourse({
    tendency: basis.tendency,
    seedShare: seed,
    temperatureC: celsius,
  });
  const after = creamed.months[1] ?? creamed.months[0];
  const mass = (kg: number): string => formatQuantity(kg, 'mass', preferences);
  return (
    <SheetSection id="creaming" title={jarCareWords.creaming()}>
      <p className="text-3xl leading-tight font-bold" aria-live="polite">
        {setDay === null
          ? jarCareWords.notSetIn({ days: setShare.length - 1 })
          : jarCareWords.setIn({ days: setDay })}
      </p>
      <div className="mt-2 grid max-w-3xl gap-x-10 sm:grid-cols-2">
        <Slider
          label={jarCareWords.seed()}
          value={Math.round(100 * seed)}
          range={[100 * SEED_RANGE[0], 100 * SEED_RANGE[1]]}
          words={jarCareWords.seedPercent({ percent: Math.round(100 * seed) })}
          onChange={(percent) => setSeed(percent / 100)}
        />
        <Slider
          label={jarCareWords.setAt()}
          value={celsius}
          range={CREAMING_RANGE_C}
          words={formatQuantity(celsius, 'temperature', preferences, 0)}
          onChange={setCelsius}
        />
      </div>
      <SetCurve shares={setShare} setDay={setDay} />
      <ul className="mt-2 list-disc space-y-1 pl-5 text-lg">
        <li>
          {leftKg === null || leftKg <= 0
            ? jarCareWords.seedNeededAny()
            : jarCareWords.seedNeeded({ seed: mass(seedKg(leftKg, seed)), honey: mass(leftKg) })}
        </li>
        {after && (
          <li className={TOO_WET.includes(after.risk) ? 'font-bold' : undefined}>
            {jarCareWords.setLiquid({
              percent: after.liquidPercent.toFixed(1),
              risk: RISK_NAMES[after.risk].toLowerCase(),
            })}{' '}
            {TOO_WET.includes(after.risk) && jarCareWords.notWhileSoWet()}
          </li>
        )}
        <li>{jarCareWords.setDaysAssumed()}</li>
      </ul>
      <div className="mt-3">
        <PageLink to={`strain/heat/${lotId}`}>{jarCareWords.orLiquefyIt()}</PageLink>
      </div>
    </SheetSection>
  );
}
