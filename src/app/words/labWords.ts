import { COMPOSITION, type LabQuantity } from '../../core';
import { qualityWords } from './english/quality';

interface QuantityWords {
  readonly name: string;
  readonly unit: string;
  /** what rules ask for, or what it is for */
  readonly about: string;
}

/** What a laboratory's values are called, and what rules ask of them. */
export const LAB_WORDS: Readonly<Record<LabQuantity, QuantityWords>> = {
  karlFischerPercent: {
    name: qualityWords.waterByKarlFischer(),
    unit: '%',
    about: qualityWords.trueWaterDiffersFromA(),
  },
  refractometerPercent: {
    name: qualityWords.waterByRefractometer(),
    unit: '%',
    about: qualityWords.mustAgreeWithYourOwn(),
  },
  yeastPerG: {
    name: qualityWords.yeast(),
    unit: qualityWords.cellsG(),
    about: qualityWords.decidesWhetherHoneyOfTo(),
  },
  hmfMgPerKg: {
    name: 'HMF',
    unit: 'mg/kg',
    about: qualityWords.atMostFromTheTropics({
      hmfMgPerKg: COMPOSITION.hmfMgPerKg,
      hmfTropicalMgPerKg: COMPOSITION.hmfTropicalMgPerKg,
    }),
  },
  diastaseSchade: {
    name: qualityWords.diastase(),
    unit: qualityWords.schadeUnits(),
    about: qualityWords.atLeast({ diastaseSchade: COMPOSITION.diastaseSchade }),
  },
  fructosePercent: {
    name: qualityWords.fructose(),
    unit: '%',
    about: qualityWords.countsTogetherWithGlucose(),
  },
  glucosePercent: {
    name: qualityWords.glucose(),
    unit: '%',
    about: qualityWords.withFructoseAtLeastHoneydew({
      sugarsBlossomPercent: COMPOSITION.sugarsBlossomPercent,
      sugarsHoneydewPercent: COMPOSITION.sugarsHoneydewPercent,
    }),
  },
  sucrosePercent: {
    name: qualityWords.sucrose(),
    unit: '%',
    about: qualityWords.atMost({ sucrosePercent: COMPOSITION.sucrosePercent }),
  },
  conductivityMsPerCm: {
    name: qualityWords.electricalConductivity(),
    unit: 'mS/cm',
    about: qualityWords.blossomAtMostHoneydewAt({
      conductivityMsPerCm: COMPOSITION.conductivityMsPerCm,
    }),
  },
  insolublePercent: {
    name: qualityWords.waterInsolubleMatter(),
    unit: '%',
    about: qualityWords.atMost2({ insolublePercent: COMPOSITION.insolublePercent }),
  },
};
