import type { ReactElement } from 'react';
import {
  HEAT_LIMITS,
  HEAT_SPREAD,
  LINE_DOUBT,
  MATTER,
  MATTER_KINDS,
  STRAINER_PRIOR,
  TOO_STIFF_BELOW_C,
  WAX_SOFTENS_C,
  diastaseHalfLifeDays,
  hmfMgPerKgDay,
  viscosityPaS,
} from '../../../core';
import { MATTER_NAMES } from '../../words/strainWords';
import { PlainTable } from '../../ui/PlainTable';
import { Chapter } from './Chapter';

const TEMPERATURES_C = [15, 20, 25, 30, 35, 40] as const;
const MOISTURES = [16, 17, 18, 20] as const;
const AGING_C = [10, 20, 30, 40, 50, 60] as const;

const factor = (spread: number): string => `a factor ${Math.exp(spread).toFixed(2)}`;

function Flow(): ReactElement {
  return (
    <Chapter id="strain" title="Straining and settling">
      <p>
        Viscosity by one relation fitted to the tables of Munro (1943) and White, as in Crane
        (1975), recalled from memory, within 10 %. Heather honey is a gel and has none.
      </p>
      <PlainTable
        label="Viscosity of honey in Pa·s"
        head={['Water', ...TEMPERATURES_C.map((one) => `${one} °C`)]}
        rows={MOISTURES.map((moisture) => [
          `${moisture} %`,
          ...TEMPERATURES_C.map((celsius) => viscosityPaS(celsius, moisture).toPrecision(2)),
        ])}
      />
      <p>
        A clean woven mesh by Armour and Cannon (1968), creeping flow; how it closes by Hermia
        (1982), intermediate blocking, both recalled from memory. How fast wax closes a mesh is an
        assumption: before any pail is read the flow is known to {factor(STRAINER_PRIOR.flow)} and
        the clogging to {factor(STRAINER_PRIOR.clogging)}, one standard deviation; each pail behind
        a clean mesh corrects both. Under {TOO_STIFF_BELOW_C} °C honey hardly runs; nothing is
        advised above {WAX_SOFTENS_C} °C, where wax softens.
      </p>
      <p>
        Wax, bubbles and specks rise by Stokes’ law with a distribution of sizes, while the vessel
        cools to its room: cleared share = Σ mᵢ·min(1, vᵢ·t/H). Sizes are assumptions.
      </p>
      <PlainTable
        label="What rises"
        head={['Matter', 'Density', 'Half of it is under']}
        rows={MATTER_KINDS.map((kind) => [
          MATTER_NAMES[kind],
          `${MATTER[kind].densityKgPerM3} kg/m³`,
          `${MATTER[kind].medianUm} µm`,
        ])}
      />
      <p>
        A day at the line is played through event by event: whoever has free hands does what is most
        urgent. 500 days with other paces give the band; hands are known to{' '}
        {factor(LINE_DOUBT.hands)}, the strainer to {factor(LINE_DOUBT.straining)} before the day
        begins. Ticks correct both. Times, losses and order of urgency are common practice without a
        source.
      </p>
    </Chapter>
  );
}

function Warmth(): ReactElement {
  return (
    <Chapter id="warmth" title="What warmth costs">
      <p>
        Diastase after White, Kushnir and Subers (1964), HMF after White and others, both as
        Arrhenius lines recalled from memory. Single honeys differ: bands use a factor{' '}
        {HEAT_SPREAD.hmf} for HMF and {HEAT_SPREAD.diastase} for diastase. Limits: HMF at most{' '}
        {HEAT_LIMITS.hmfMgPerKg} mg/kg, diastase at least {HEAT_LIMITS.diastaseSchade} (Codex CXS
        12-1981, recalled from memory). Only a laboratory certifies.
      </p>
      <PlainTable
        label="Ageing by temperature"
        head={['At', 'Half of the diastase goes in', 'HMF a day']}
        rows={AGING_C.map((celsius) => [
          `${celsius} °C`,
          `${diastaseHalfLifeDays(celsius).toPrecision(2)} days`,
          `${hmfMgPerKgDay(celsius).toPrecision(2)} mg/kg`,
        ])}
      />
    </Chapter>
  );
}

/** How straining, settling, the day at the line and warmth are reckoned. */
export function StrainChapters(): ReactElement {
  return (
    <>
      <Flow />
      <Warmth />
    </>
  );
}
