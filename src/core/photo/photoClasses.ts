/** What a cell in a photograph is taken for. */
export const PHOTO_CLASSES = [
  'capped',
  'open',
  'empty',
  'brood',
  'pollen',
  'hidden',
  'undrawn',
] as const;
export type PhotoClass = (typeof PHOTO_CLASSES)[number];

/** Figures that say what a cell is; a new set of figures is a new version. */
export const FEATURES_VERSION = 1;
export const FEATURE_COUNT = 16;
