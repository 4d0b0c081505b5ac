/** Red, green, blue, 0..255. */
export type Colour = readonly [number, number, number];

/** What the parts of one comb are painted with. */
export interface Pigments {
  readonly waxNew: Colour;
  readonly waxOld: Colour;
  readonly capNew: Colour;
  readonly capOld: Colour;
  readonly honeyLight: Colour;
  readonly honeyDark: Colour;
  readonly brood: Colour;
  readonly pit: Colour;
  readonly pollen: readonly Colour[];
  /** how far from the middle of the cell (0) to its wall (1) packed pollen reaches; a shadow lies around it */
  readonly pollenReach: number;
  /** how dark that shadow is: 0 as wax, 1 as the bottom of a cell */
  readonly pollenShadow: number;
  /** unevenness of pollen and of caps, as a share of their brightness */
  readonly pollenGrain: number;
  readonly capGrain: number;
  /** how much rounder caps over brood are than flat ones */
  readonly broodDome: number;
  /** how bright walls are, over the wax around them */
  readonly walls: number;
}

/** Of every comb that is practised on. @source invented for the drawing */
export const PIGMENTS: Pigments = {
  waxNew: [240, 218, 168],
  waxOld: [112, 78, 46],
  capNew: [250, 238, 206],
  capOld: [142, 104, 66],
  honeyLight: [206, 146, 46],
  honeyDark: [84, 42, 16],
  brood: [176, 126, 70],
  pit: [58, 42, 28],
  pollen: [
    [214, 150, 40],
    [186, 92, 34],
    [150, 138, 62],
    [206, 186, 92],
  ],
  pollenReach: 1,
  pollenShadow: 0.5,
  pollenGrain: 0.14,
  capGrain: 0.03,
  broodDome: 1,
  walls: 1,
};
