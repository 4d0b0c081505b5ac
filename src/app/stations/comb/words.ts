import type { BroodAmount, CellState, CombFace, FrameAct, School, Timing } from '../../../core';
import type { BROOD_STAGES } from '../../../records';

/** What is done with a frame, in a word or two. */
export const ACT_NAMES: Readonly<Record<FrameAct, string>> = {
  take: 'Take',
  'take-to-dry': 'Take to dry',
  'comb-honey': 'Comb honey',
  'put-back': 'Put back',
  leave: 'Leave',
  'keep-for-spring': 'Keep for spring',
  strip: 'Strip, feed back',
  nothing: 'Not to extract',
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
  capped: 'Capped',
  open: 'Open honey',
  empty: 'Empty',
  undrawn: 'Not drawn',
  brood: 'Brood, pollen',
};

export const BROOD_NAMES: Readonly<Record<BroodAmount, string>> = {
  none: 'None',
  'few-cells': 'A few cells',
  patch: 'A patch',
  nest: 'A nest',
};

export const STAGE_NAMES: Readonly<Record<(typeof BROOD_STAGES)[number], string>> = {
  eggs: 'Eggs',
  larvae: 'Larvae',
  capped: 'Capped brood',
};

export const FACE_NAMES: Readonly<Record<CombFace, string>> = {
  sunken: 'Sunken',
  flush: 'Flush',
  proud: 'Proud',
};

export const STAY_NAMES: Readonly<Record<School['stays'], string>> = {
  clear: 'Clear the honey boxes',
  'colony-first': 'The colony first',
};

export const TIMING_NAMES: Readonly<Record<Timing, string>> = {
  'after-each-flow': 'After each flow',
  'once-a-year': 'Once a year',
  'out-of-room': 'When they run out of room',
  'before-next-flow': 'Just before the next flow',
};

export const METER_NAMES: Readonly<Record<School['meter'], string>> = {
  no: 'No meter',
  helps: 'A meter helps',
  after: 'Meter after extraction',
  'in-the-yard': 'Meter in the yard',
};

export const DRYING_NAMES: Readonly<Record<School['drying'], string>> = {
  none: 'Does not dry',
  'in-comb': 'Dries in the comb',
  'after-extraction': 'Dries the extracted honey',
};

export const RULE_NAMES: Readonly<Record<School['rule'], string>> = {
  'each-side': 'Each side must reach the share',
  pooled: 'The share pooled over all frames taken must reach it',
  'all-honey': 'All honey is taken, what is not ripe is dried',
  'cells-read': 'Open cells are read where the share is short',
};

/** 65–90 % */
export const percentRange = ({ low, high }: { low: number; high: number }): string =>
  `${Math.round(low * 100)}–${Math.round(high * 100)} %`;
