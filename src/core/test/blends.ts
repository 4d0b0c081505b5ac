import type { BlendContainer, BlendTask } from '../blending/blendTask';

/** Honey of one flow that may be poured. */
export const blendContainer = (
  id: string,
  change: Partial<BlendContainer> = {},
): BlendContainer => ({
  id,
  massKg: 10,
  meanPercent: 17,
  randomPercent: 0.15,
  flow: 'beans',
  colour: 'light',
  barredBecause: null,
  ...change,
});

/** Wet honey to be saved in one tank, flows and colours apart. */
export const blendTask = (change: Partial<BlendTask> = {}): BlendTask => ({
  containers: [],
  tanks: [{ id: 't0', capacityKg: 100 }],
  targetPercent: 18,
  systematicPercent: 0.1,
  aim: 'save',
  mixFlows: false,
  mixColours: false,
  wholeOnly: false,
  openingWorthKg: 0.5,
  ...change,
});
