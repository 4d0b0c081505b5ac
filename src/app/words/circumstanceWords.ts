import type { Circumstances, OutsideBoxes } from '../../core';

type Said<K extends keyof Circumstances> = Extract<Circumstances[K], string>;
type Also = 'wet-equipment' | 'last-flow';

export const NECTAR_NAMES: Readonly<Record<Said<'nectar'>, string>> = {
  'not-said': 'Not looked at',
  ordinary: 'Ordinary plants only',
  doubtful: 'Doubtful: a plant that may be toxic was in flower',
  toxic: 'Toxic nectar is in it',
};

export const HEALTH_NAMES: Readonly<Record<Said<'sourceHealth'>, string>> = {
  'not-said': 'Not looked at',
  healthy: 'Healthy',
  unknown: 'Not known',
  diseased: 'Diseased, or suspected to be',
};

export const BROOD_NAMES: Readonly<Record<Said<'brood'>, string>> = {
  none: 'None',
  sealed: 'Sealed brood stayed in its cells',
  larvae: 'Larvae were spun out into the honey',
};

export const TAINT_NAMES: Readonly<Record<Said<'taint'>, string>> = {
  none: 'No scented board or cloth',
  'not-tasted': 'Used on open comb, honey not tasted yet',
  clean: 'Used on open comb, tasted and found clean',
  tainted: 'Used on open comb, tasted and found tainted',
};

export const SET_NAMES: Readonly<Record<Said<'setState'>, string>> = {
  liquid: 'Liquid',
  part: 'Set in part',
  set: 'Set',
  creamed: 'Creamed',
};

export const RESIDUE_NAMES: Readonly<Record<Circumstances['residues'][number], string>> = {
  drug: 'A drug or treatment',
  repellent: 'A repellent',
  'moth-chemical': 'Moth chemicals on stored comb',
  syrup: 'Syrup that was fed',
};

export const ALSO_NAMES: Readonly<Record<Also, string>> = {
  'wet-equipment': 'Equipment was wet with water',
  'last-flow': 'Boxes went on with last flow’s honey in them',
};

export const OUTSIDE_NAMES: Readonly<Record<OutsideBoxes, string>> = {
  'not-said': 'Not said yet',
  'nothing-given': 'No, nothing was given',
  given: 'Yes, treated or fed',
};
