import type { Fault, Foam, Impurity } from '../../core';

export const FAULT_NAMES: Readonly<Record<Fault, string>> = {
  sour: 'Sour',
  yeasty: 'Yeasty',
  boozy: 'Boozy',
  repellent: 'Repellent, chemical',
  smoke: 'Smoke',
  caramel: 'Caramel, burnt',
  musty: 'Musty',
  metallic: 'Metallic',
};

export const FOAM_NAMES: Readonly<Record<Foam, string>> = {
  none: 'None',
  thin: 'Thin',
  thick: 'Thick',
  'comes-back': 'Comes back when skimmed',
};

export const IMPURITY_NAMES: Readonly<Record<Impurity, string>> = {
  wax: 'Wax',
  bees: 'Parts of bees',
  brood: 'Brood',
  wood: 'Wood',
  other: 'Something else',
};
