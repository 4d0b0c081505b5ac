import type { Circumstances, OutsideBoxes } from '../../core';
import { commonWords } from './english/common';
import { lotWords } from './english/lot';

type Said<K extends keyof Circumstances> = Extract<Circumstances[K], string>;
type Also = 'wet-equipment' | 'last-flow';

export const NECTAR_NAMES: Readonly<Record<Said<'nectar'>, string>> = {
  'not-said': lotWords.notChecked(),
  ordinary: lotWords.ordinaryPlantsOnly(),
  doubtful: lotWords.doubtfulAPlantThatMay(),
  toxic: lotWords.containsToxicNectar(),
};

export const HEALTH_NAMES: Readonly<Record<Said<'sourceHealth'>, string>> = {
  'not-said': lotWords.notChecked(),
  healthy: lotWords.healthy(),
  unknown: lotWords.notKnown(),
  diseased: lotWords.diseasedOrSuspected(),
};

export const BROOD_NAMES: Readonly<Record<Said<'brood'>, string>> = {
  none: commonWords.none(),
  sealed: lotWords.sealedBroodStayedInIts(),
  larvae: lotWords.larvaeWereSpunIntoThe(),
};

export const TAINT_NAMES: Readonly<Record<Said<'taint'>, string>> = {
  none: lotWords.noScentedBoardOrCloth(),
  'not-tasted': lotWords.usedOnOpenCombHoney(),
  clean: lotWords.usedOnOpenCombTasted(),
  tainted: lotWords.usedOnOpenCombTastedAnd(),
};

export const SET_NAMES: Readonly<Record<Said<'setState'>, string>> = {
  liquid: lotWords.liquid(),
  part: lotWords.setInPart(),
  set: lotWords.set(),
  creamed: lotWords.creamed(),
};

export const RESIDUE_NAMES: Readonly<Record<Circumstances['residues'][number], string>> = {
  drug: lotWords.aDrugOrTreatment(),
  repellent: lotWords.aRepellent(),
  'moth-chemical': lotWords.mothChemicalsOnStoredComb(),
  syrup: lotWords.syrupThatWasFed(),
  'broken-glass': lotWords.glassBrokeBesideIt(),
};

export const ALSO_NAMES: Readonly<Record<Also, string>> = {
  'wet-equipment': lotWords.equipmentWasWetWithWater(),
  'last-flow': lotWords.boxesStillHeldHoneyFrom(),
};

export const OUTSIDE_NAMES: Readonly<Record<OutsideBoxes, string>> = {
  'not-said': lotWords.notAnsweredYet(),
  'nothing-given': lotWords.noNothingWasGiven(),
  given: lotWords.yesTreatedOrFed(),
};
