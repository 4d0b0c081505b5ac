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
import { commonWords } from '../../words/english/common';
import { handbookWords } from '../../words/english/handbook';

const TEMPERATURES_C = [15, 20, 25, 30, 35, 40] as const;
const MOISTURES = [16, 17, 18, 20] as const;
const AGING_C = [10, 20, 30, 40, 50, 60] as const;

const factor = (spread: number): string =>
  handbookWords.aFactor({ spread: Math.exp(spread).toFixed(2) });

function Flow(): ReactElement {
  return (
    <Chapter id="strain" title={handbookWords.strainingAndSettling()}>
      <p>{handbookWords.viscosityByOneRelationFitted()}</p>
      <PlainTable
        label={handbookWords.viscosityOfHoneyInPa()}
        head={[commonWords.water(), ...TEMPERATURES_C.map((temperature) => `${temperature} °C`)]}
        rows={MOISTURES.map((moisture) => [
          `${moisture} %`,
          ...TEMPERATURES_C.map((celsius) => viscosityPaS(celsius, moisture).toPrecision(2)),
        ])}
      />
      <p>
        {handbookWords.aCleanWovenMeshBy({
          factor: factor(STRAINER_PRIOR.flow),
          factor2: factor(STRAINER_PRIOR.clogging),
          tooStiffBelowC: TOO_STIFF_BELOW_C,
          waxSoftensC: WAX_SOFTENS_C,
        })}
      </p>
      <p>{handbookWords.waxBubblesAndSpecksRise()}</p>
      <PlainTable
        label={handbookWords.whatRises()}
        head={[handbookWords.matter(), handbookWords.density(), handbookWords.halfOfItIsUnder()]}
        rows={MATTER_KINDS.map((kind) => [
          MATTER_NAMES[kind],
          handbookWords.kgM({ densityKgPerM3: MATTER[kind].densityKgPerM3 }),
          `${MATTER[kind].medianUm} µm`,
        ])}
      />
      <p>
        {handbookWords.aDayAtTheLine({
          factor: factor(LINE_DOUBT.hands),
          factor2: factor(LINE_DOUBT.straining),
        })}
      </p>
    </Chapter>
  );
}

function Warmth(): ReactElement {
  return (
    <Chapter id="warmth" title={handbookWords.whatWarmthCosts()}>
      <p>
        {handbookWords.diastaseAfterWhiteKushnirAnd({
          hmf: HEAT_SPREAD.hmf,
          diastase: HEAT_SPREAD.diastase,
          hmfMgPerKg: HEAT_LIMITS.hmfMgPerKg,
          diastaseSchade: HEAT_LIMITS.diastaseSchade,
        })}
      </p>
      <PlainTable
        label={handbookWords.ageingByTemperature()}
        head={[handbookWords.at(), handbookWords.halfOfTheDiastaseGoes(), handbookWords.hmfADay()]}
        rows={AGING_C.map((celsius) => [
          `${celsius} °C`,
          handbookWords.days({
            diastaseHalfLifeDays: Number(diastaseHalfLifeDays(celsius).toPrecision(2)),
          }),
          handbookWords.mgKg({ hmfMgPerKgDay: hmfMgPerKgDay(celsius).toPrecision(2) }),
        ])}
      />
    </Chapter>
  );
}

/** How straining, settling, the day at the line and warmth are computed. */
export function StrainChapters(): ReactElement {
  return (
    <>
      <Flow />
      <Warmth />
    </>
  );
}
