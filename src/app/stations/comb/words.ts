import type { BroodAmount, CellState, CombFace, FrameAct, School } from '../../../core';
import type { BROOD_STAGES } from '../../../records';
import { combWords } from '../../words/english/comb';
import { commonWords } from '../../words/english/common';

/** What is done with a frame, in a word or two. */
export const ACT_NAMES: Readonly<Record<FrameAct, string>> = {
  take: combWords.take(),
  'take-to-dry': combWords.takeToDry(),
  'comb-honey': combWords.combHoney(),
  'put-back': combWords.putBack(),
  leave: combWords.leave(),
  'keep-for-spring': combWords.keepForSpring(),
  strip: combWords.stripFeedBack(),
  nothing: combWords.notToExtract(),
};

/** One letter for the small picture of a frame. */
export const ACT_LETTERS: Readonly<Record<FrameAct, string>> = {
  take: 'T',
  'take-to-dry': 'D',
  'comb-honey': 'C',
  'put-back': 'B',
  leave: 'L',
  'keep-for-spring': 'S',
  strip: 'F',
  nothing: '–',
};

export const STATE_NAMES: Readonly<Record<CellState, string>> = {
  capped: commonWords.capped(),
  open: combWords.openHoney(),
  empty: combWords.empty(),
  undrawn: combWords.notDrawn(),
  brood: combWords.broodPollen(),
};

export const BROOD_NAMES: Readonly<Record<BroodAmount, string>> = {
  none: commonWords.none(),
  'few-cells': combWords.aFewCells(),
  patch: combWords.aPatch(),
  nest: combWords.aNest(),
};

export const STAGE_NAMES: Readonly<Record<(typeof BROOD_STAGES)[number], string>> = {
  eggs: combWords.eggs(),
  larvae: combWords.larvae(),
  capped: combWords.cappedBrood(),
};

export const FACE_NAMES: Readonly<Record<CombFace, string>> = {
  sunken: combWords.sunken(),
  flush: combWords.flush(),
  proud: combWords.proud(),
};

export const STAY_NAMES: Readonly<Record<School['stays'], string>> = {
  clear: combWords.clearTheHoneyBoxes(),
  'colony-first': combWords.theColonyFirst(),
};

export const METER_NAMES: Readonly<Record<School['meter'], string>> = {
  no: combWords.noMeter(),
  helps: combWords.aMeterHelps(),
  after: combWords.meterAfterExtraction(),
  'in-the-yard': combWords.meterAtTheHives(),
};

export const DRYING_NAMES: Readonly<Record<School['drying'], string>> = {
  none: combWords.noDrying(),
  'in-comb': combWords.driesInTheComb(),
  'after-extraction': combWords.driesTheExtractedHoney(),
};

export const RULE_NAMES: Readonly<Record<School['rule'], string>> = {
  'each-side': combWords.eachSideMustReachThe(),
  pooled: combWords.allFramesTakenTogetherMust(),
  'all-honey': combWords.allHoneyIsTakenWhat(),
  'cells-read': combWords.openCellsAreReadIf(),
};

/** 65–90 % */
export const percentRange = ({ low, high }: { low: number; high: number }): string =>
  `${Math.round(low * 100)}–${Math.round(high * 100)} %`;
