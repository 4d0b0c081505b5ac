import type { Fault, Foam, Impurity } from '../../core';
import { commonWords } from './english/common';
import { qualityWords } from './english/quality';

export const FAULT_NAMES: Readonly<Record<Fault, string>> = {
  sour: qualityWords.sour(),
  yeasty: qualityWords.yeasty(),
  boozy: qualityWords.boozy(),
  repellent: qualityWords.repellentChemical(),
  smoke: qualityWords.smoke(),
  caramel: qualityWords.caramelBurnt(),
  musty: qualityWords.musty(),
  metallic: qualityWords.metallic(),
};

export const FOAM_NAMES: Readonly<Record<Foam, string>> = {
  none: commonWords.none(),
  thin: qualityWords.thin(),
  thick: qualityWords.thick(),
  'comes-back': qualityWords.comesBackAfterSkimming(),
};

export const IMPURITY_NAMES: Readonly<Record<Impurity, string>> = {
  wax: qualityWords.wax(),
  bees: qualityWords.partsOfBees(),
  brood: commonWords.brood(),
  wood: qualityWords.wood(),
  other: qualityWords.somethingElse(),
};
