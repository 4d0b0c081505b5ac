import type { FrameEvidence } from './frameEvidence';

/** A frame of usual weight of which nothing is known but its sides. @source our choice, no source */
export const PLAIN_FRAME: Omit<FrameEvidence, 'id' | 'sides'> = {
  count: 1,
  colonyId: null,
  honey: { massKg: 1.8, standardUncertaintyKg: 0.2 },
  brood: 'none',
  broodExcused: false,
  queenSeen: false,
  beetles: 'none',
  blocks: [],
  blocksCleared: false,
  sections: null,
  cellMoisturePercent: null,
};
