import type { FillCheck, JarFault, SourSign, WhiteCause, WhiteFeel, WhitePlace } from '../../core';
import type { Preferences } from '../../records';
import { gramsText } from '../format/jarSize';
import { jarCareWords } from './english/jarCare';

export const FAULT_OF_JAR_NAMES: Readonly<Record<JarFault, string>> = {
  'sticky-outside': jarCareWords.stickyOutside(),
  'finger-marks': jarCareWords.fingerMarks(),
  'lid-marked': jarCareWords.lidMarked(),
  'honey-under-lid': jarCareWords.honeyUnderLid(),
  'gap-under-lid': jarCareWords.gapUnderLid(),
  specks: jarCareWords.specks(),
  cloudy: jarCareWords.cloudy(),
  'first-crystals': jarCareWords.firstCrystals(),
  bloom: jarCareWords.bloomOnGlass(),
  'foam-ring': jarCareWords.foamRing(),
  bubbles: jarCareWords.bubbles(),
};

/** What mends each. */
export const MENDING: Readonly<Record<JarFault, string>> = {
  'sticky-outside': jarCareWords.mend_stickyOutside(),
  'finger-marks': jarCareWords.mend_fingerMarks(),
  'lid-marked': jarCareWords.mend_lidMarked(),
  'honey-under-lid': jarCareWords.mend_honeyUnderLid(),
  'gap-under-lid': jarCareWords.mend_gapUnderLid(),
  specks: jarCareWords.mend_specks(),
  cloudy: jarCareWords.mend_cloudy(),
  'first-crystals': jarCareWords.mend_firstCrystals(),
  bloom: jarCareWords.mend_bloomOnGlass(),
  'foam-ring': jarCareWords.mend_foamRing(),
  bubbles: jarCareWords.mend_bubbles(),
};

export const WHITE_PLACE_NAMES: Readonly<Record<WhitePlace, string>> = {
  top: jarCareWords.onTop(),
  glass: jarCareWords.atTheGlass(),
  bottom: jarCareWords.atTheBottom(),
  'all-through': jarCareWords.allThrough(),
};

export const WHITE_FEEL_NAMES: Readonly<Record<WhiteFeel, string>> = {
  froth: jarCareWords.froth(),
  grains: jarCareWords.grains(),
  streaks: jarCareWords.streaks(),
};

export const SOUR_NAMES: Readonly<Record<SourSign, string>> = {
  no: jarCareWords.no(),
  yes: jarCareWords.yes(),
  'not-tried': jarCareWords.notTried(),
};

/** What it is, and what to do. */
export const WHITE_CAUSES: Readonly<Record<WhiteCause, { what: string; why: string }>> = {
  fermenting: { what: jarCareWords.isFermenting(), why: jarCareWords.isFermentingWhy() },
  foam: { what: jarCareWords.isFoam(), why: jarCareWords.isFoamWhy() },
  bloom: { what: jarCareWords.isBloom(), why: jarCareWords.isBloomWhy() },
  beginning: { what: jarCareWords.isBeginning(), why: jarCareWords.isBeginningWhy() },
  parted: { what: jarCareWords.isParted(), why: jarCareWords.isPartedWhy() },
  set: { what: jarCareWords.isSet(), why: jarCareWords.isSetWhy() },
  'not-clear': { what: jarCareWords.isNotClear(), why: jarCareWords.isNotClearWhy() },
};

/** What the weights of some jars say, in one sentence. */
export function fillWords(check: FillCheck, preferences: Preferences): string {
  const { verdict, short, farShort, meanLowG, meanG } = check;
  const g = (grams: number): string => gramsText(grams, preferences, 1);
  const add = gramsText(Math.ceil(check.addG), preferences);
  switch (verdict) {
    case 'full':
      return jarCareWords.verdictFull({ low: g(meanLowG ?? meanG) });
    case 'short-jars':
      return farShort.length > 0
        ? jarCareWords.verdictFarShort({ count: short.length, far: farShort.length })
        : jarCareWords.verdictShortJars({ count: short.length, add });
    case 'short-on-average':
      return jarCareWords.verdictShortMean({ add });
    case 'not-settled':
      return jarCareWords.verdictNotSettled({ add });
  }
}
