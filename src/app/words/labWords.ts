import { COMPOSITION, type LabQuantity } from '../../core';

interface QuantityWords {
  readonly name: string;
  readonly unit: string;
  /** what rules ask for, or what it is for */
  readonly about: string;
}

/** What a laboratory's values are called, and what rules ask of them. */
export const LAB_WORDS: Readonly<Record<LabQuantity, QuantityWords>> = {
  karlFischerPercent: {
    name: 'Water by Karl Fischer',
    unit: '%',
    about: 'true water; differs from refractometry by some tenths',
  },
  refractometerPercent: {
    name: 'Water by refractometer',
    unit: '%',
    about: 'beside your own readings, it must agree with them',
  },
  yeastPerG: { name: 'Yeast', unit: 'cells/g', about: 'decides whether honey of 17 to 20 % keeps' },
  hmfMgPerKg: {
    name: 'HMF',
    unit: 'mg/kg',
    about: `at most ${COMPOSITION.hmfMgPerKg}, from the tropics ${COMPOSITION.hmfTropicalMgPerKg}`,
  },
  diastaseSchade: {
    name: 'Diastase',
    unit: 'Schade units',
    about: `at least ${COMPOSITION.diastaseSchade}`,
  },
  fructosePercent: { name: 'Fructose', unit: '%', about: 'counts together with glucose' },
  glucosePercent: {
    name: 'Glucose',
    unit: '%',
    about: `with fructose at least ${COMPOSITION.sugarsBlossomPercent}, honeydew ${COMPOSITION.sugarsHoneydewPercent}`,
  },
  sucrosePercent: { name: 'Sucrose', unit: '%', about: `at most ${COMPOSITION.sucrosePercent}` },
  conductivityMsPerCm: {
    name: 'Electrical conductivity',
    unit: 'mS/cm',
    about: `blossom at most ${COMPOSITION.conductivityMsPerCm}, honeydew at least that`,
  },
  insolublePercent: {
    name: 'Water-insoluble matter',
    unit: '%',
    about: `at most ${COMPOSITION.insolublePercent}`,
  },
};
