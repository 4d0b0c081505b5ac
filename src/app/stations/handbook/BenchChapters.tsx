import type { ReactElement } from 'react';
import {
  COLOUR_CLASSES,
  COMPOSITION,
  DRIFT_PRIOR,
  FLOWER_KINDS,
  OLIVE_OIL_REFERENCE,
  OWN_REPEATABILITY_FROM_DOF,
  PFUND_WAVELENGTH_NM,
  SETTLING,
  SPREAD_PRIORS,
  WATER_REFERENCE,
  certifiedOil,
} from '../../../core';
import { colourName } from '../../format/colour';
import { PlainTable } from '../../ui/PlainTable';
import { Chapter } from './Chapter';
import { commonWords } from '../../words/english/common';
import { handbookWords } from '../../words/english/handbook';

const perDegree = (indexPerC: number): string =>
  handbookWords.perC({ indexPerC: indexPerC.toFixed(5) });

function ZeroChecks(): ReactElement {
  return (
    <>
      <p>
        {handbookWords.aMeterIsHeldAgainst({ standardDeviation: DRIFT_PRIOR.standardDeviation })}
      </p>
      <PlainTable
        label={handbookWords.references()}
        head={[
          handbookWords.reference(),
          handbookWords.indexAtC(),
          commonWords.change(),
          handbookWords.standing(),
        ]}
        rows={[
          [
            handbookWords.oilOfStatedIndex(),
            handbookWords.asItsLabelSays(),
            handbookWords.asItsLabelSaysElse({
              perDegree: perDegree(certifiedOil(1.48).indexPerC),
            }),
            handbookWords.commonPracticeNoSource(),
          ],
          [
            handbookWords.oliveOilRough(),
            handbookWords.about({ nD20: OLIVE_OIL_REFERENCE.nD20 }),
            perDegree(OLIVE_OIL_REFERENCE.indexPerC),
            handbookWords.commonPracticeNoSource(),
          ],
          [
            handbookWords.waterWideRangeMetersOnly(),
            String(WATER_REFERENCE.nD20),
            perDegree(WATER_REFERENCE.indexPerC),
            handbookWords.recalledFromMemory(),
          ],
        ]}
      />
    </>
  );
}

function Sampling(): ReactElement {
  return (
    <>
      <p>{handbookWords.aPlanFixesHowMany()}</p>
      <p>{handbookWords.meanAndSpreadStandOnly()}</p>
      <p>
        {handbookWords.theReadersOwnRepeatsAre({
          standardDeviation: SPREAD_PRIORS.repeatability.standardDeviation,
          ownRepeatabilityFromDof: OWN_REPEATABILITY_FROM_DOF,
          leastS: SETTLING.leastS,
          windowS: SETTLING.windowS,
        })}
      </p>
    </>
  );
}

/** Meters, plans and readings at the bench. */
export function BenchWork(): ReactElement {
  return (
    <Chapter id="bench" title={handbookWords.metersAndPlans()}>
      <ZeroChecks />
      <Sampling />
    </Chapter>
  );
}

/** Colour, composition and the flower's name. */
export function BenchQuality(): ReactElement {
  return (
    <Chapter id="quality" title={handbookWords.colourCompositionTheFlowersName()}>
      <p>
        {handbookWords.pfundFromAPhotometerMm({
          pfundWavelengthNm: PFUND_WAVELENGTH_NM,
          hmfMgPerKg: COMPOSITION.hmfMgPerKg,
          hmfTropicalMgPerKg: COMPOSITION.hmfTropicalMgPerKg,
          diastaseSchade: COMPOSITION.diastaseSchade,
          diastaseLowEnzymeSchade: COMPOSITION.diastaseLowEnzymeSchade,
          hmfLowEnzymeMgPerKg: COMPOSITION.hmfLowEnzymeMgPerKg,
          conductivityMsPerCm: COMPOSITION.conductivityMsPerCm,
        })}
      </p>
      <PlainTable
        label={handbookWords.colourClasses()}
        head={[handbookWords.class(), handbookWords.pfundUpTo()]}
        rows={COLOUR_CLASSES.map((colourClass) => [
          colourName(colourClass.id),
          colourClass.upToMm === Infinity
            ? handbookWords.above()
            : handbookWords.mmUptomm({ upToMm: colourClass.upToMm }),
        ])}
      />
      <PlainTable
        label={handbookWords.honeysOfOneFlower()}
        head={[
          handbookWords.flower(),
          handbookWords.pollen(),
          handbookWords.conductivity(),
          handbookWords.colour(),
        ]}
        rows={FLOWER_KINDS.map((flowerKind) => [
          flowerKind.name,
          flowerKind.leastPollenPercent === null
            ? handbookWords.some()
            : handbookWords.from({ leastPollenPercent: flowerKind.leastPollenPercent }),
          handbookWords.toMsCm({
            conductivityMsPerCm: flowerKind.conductivityMsPerCm[0],
            conductivityMsPerCm2: flowerKind.conductivityMsPerCm[1],
          }),
          flowerKind.colours.map(colourName).join(', '),
        ])}
      />
      <p>{handbookWords.afterPersanoOddoPiroDoubtful()}</p>
    </Chapter>
  );
}
