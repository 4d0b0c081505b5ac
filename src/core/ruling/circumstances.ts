/** What the bees may have found besides ordinary nectar. */
export const NECTARS = ['not-said', 'ordinary', 'doubtful', 'toxic'] as const;
export type Nectar = (typeof NECTARS)[number];

/** Health of the colonies that it came from. */
export const SOURCE_HEALTHS = ['not-said', 'healthy', 'unknown', 'diseased'] as const;
export type SourceHealth = (typeof SOURCE_HEALTHS)[number];

/** What the comb or the honey met and must not have met. */
export const RESIDUES = ['drug', 'repellent', 'moth-chemical', 'syrup', 'broken-glass'] as const;
export type Residue = (typeof RESIDUES)[number];

/** Brood in the frames that were extracted. */
export const BROODS = ['none', 'sealed', 'larvae'] as const;
export type BroodFound = (typeof BROODS)[number];

/** How bees were cleared where it can taint open comb. */
export const TAINTS = ['none', 'not-tasted', 'clean', 'tainted'] as const;
export type TaintCheck = (typeof TAINTS)[number];

/** How far the honey has set. */
export const SET_STATES = ['liquid', 'part', 'set', 'creamed'] as const;
export type SetState = (typeof SET_STATES)[number];

/** Whether hives of boxes that are not in the book were treated or fed while the boxes were on. */
export const OUTSIDE_BOXES = ['not-said', 'nothing-given', 'given'] as const;
export type OutsideBoxes = (typeof OUTSIDE_BOXES)[number];

/** What bears on a lot besides comb, meter, laboratory and senses, as the keeper said it. */
export interface Circumstances {
  readonly nectar: Nectar;
  readonly sourceHealth: SourceHealth;
  readonly residues: readonly Residue[];
  /** the label's waiting time of a treatment: honey may be taken from that day on; null for none */
  readonly treated: { readonly product: string; readonly freeFromDay: number } | null;
  readonly brood: BroodFound;
  /** extractor, tank or pails were wet with water */
  readonly wetEquipment: boolean;
  /** a scented board or cloth lay on open comb: what tasting it found; 'none' where none was used */
  readonly taint: TaintCheck;
  /** boxes went on with honey of the last flow in them */
  readonly lastFlowInBoxes: boolean;
  readonly setState: SetState;
  /** not said where not there */
  readonly outsideBoxes?: OutsideBoxes | undefined;
}

/** Nothing said, nothing found. */
export const NO_CIRCUMSTANCES: Circumstances = {
  nectar: 'not-said',
  sourceHealth: 'not-said',
  residues: [],
  treated: null,
  brood: 'none',
  wetEquipment: false,
  taint: 'none',
  lastFlowInBoxes: false,
  setState: 'liquid',
};
